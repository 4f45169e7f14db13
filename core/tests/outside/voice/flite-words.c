/* flite-words VOICE STRETCH OUT.wav < text : speaks with flite and prints "begin end word" of each word, in seconds. */
#include <stdio.h>
#include <string.h>
#include <flite/flite.h>
cst_voice *register_cmu_us_kal16(const char*); cst_voice *register_cmu_us_slt(const char*); cst_voice *register_cmu_us_rms(const char*); cst_voice *register_cmu_us_awb(const char*); cst_voice *register_cmu_us_kal(const char*);
int main(int c, char **v){
  static char text[200000]; size_t n=fread(text,1,sizeof text-1,stdin); text[n]=0;
  flite_init();
  cst_voice *voice = !strcmp(v[1],"slt")?register_cmu_us_slt(0):!strcmp(v[1],"rms")?register_cmu_us_rms(0):!strcmp(v[1],"awb")?register_cmu_us_awb(0):!strcmp(v[1],"kal")?register_cmu_us_kal(0):register_cmu_us_kal16(0);
  feat_set_float(voice->features,"duration_stretch",atof(v[2]));
  cst_utterance *u=flite_synth_text(text,voice);
  cst_wave *w=utt_wave(u); cst_wave_save_riff(w,v[3]);
  for(cst_item *t=relation_head(utt_relation(u,"Token"));t;t=item_next(t)){
    cst_item *f=item_daughter(t), *l=item_last_daughter(t); if(!f) continue;
    cst_item *fw=item_as(f,"SylStructure"); cst_item *lw=item_as(l,"SylStructure");
    cst_item *s=item_daughter(item_daughter(fw)); cst_item *e=item_last_daughter(item_last_daughter(lw));
    cst_item *p=item_prev(item_as(s,"Segment"));
    printf("%.4f %.4f %s\n", p?item_feat_float(p,"end"):0.0, item_feat_float(e,"end"), item_feat_string(t,"name"));
  }
  return 0; }
