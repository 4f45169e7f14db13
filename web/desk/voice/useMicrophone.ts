import { useCallback, useEffect, useRef, useState } from 'react';

type Phase = 'asking' | 'ready' | 'recording' | 'done';

interface Microphone {
  phase: Phase;
  /** why there is none */
  problem: string;
  /** how loud it is now, 0 to 1 */
  level: number;
  /** seconds that are recorded */
  seconds: number;
  /** what was recorded */
  sound: Blob | null;
  record: () => void;
  stop: () => void;
  /** lets what was recorded go, and is ready again */
  again: () => void;
}

/** bits a second of what is recorded: nothing of a voice is lost that anybody hears */
const BITS = 256_000;

function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotFoundError') return 'No microphone was found. Plug one in, or add a file.';
  if (name === 'NotAllowedError')
    return 'The browser does not let this page use the microphone. Allow it in the address bar, then try again.';
  if (name === 'NotReadableError') return 'Another program holds the microphone. Close that, then try again.';
  return 'The microphone cannot be used in this browser. Add a file instead.';
}

/** The machine’s microphone, as long as somebody looks at it. */
export function useMicrophone(): Microphone {
  const [phase, setPhase] = useState<Phase>('asking');
  const [problem, setProblem] = useState('');
  const [level, setLevel] = useState(0);
  const [seconds, setSeconds] = useState(0);
  const [sound, setSound] = useState<Blob | null>(null);
  const stream = useRef<MediaStream | null>(null);
  const recorder = useRef<MediaRecorder | null>(null);
  const begun = useRef(0);

  useEffect(() => {
    let isGone = false;
    let asked = 0;
    const context = new AudioContext();
    const begin = async (): Promise<void> => {
      // Nothing that the browser would make of a voice: it is recorded as it is.
      const audio = { echoCancellation: false, noiseSuppression: false, autoGainControl: false };
      const opened = await navigator.mediaDevices.getUserMedia({ audio });
      await context.resume();
      stream.current = opened;
      if (isGone) {
        opened.getTracks().forEach((track) => track.stop());
        return;
      }
      const analyser = new AnalyserNode(context, { fftSize: 1024 });
      context.createMediaStreamSource(opened).connect(analyser);
      const samples = new Float32Array(analyser.fftSize);
      const look = (): void => {
        analyser.getFloatTimeDomainData(samples);
        const peak = Math.max(...samples.map(Math.abs));
        // It falls slowly, so that a short peak is seen.
        setLevel((before) => Math.max(peak, before * 0.94));
        if (recorder.current?.state === 'recording') setSeconds((performance.now() - begun.current) / 1000);
        asked = requestAnimationFrame(look);
      };
      look();
      setPhase('ready');
    };
    begin().catch((error: unknown) => setProblem(whyNot(error)));
    return () => {
      isGone = true;
      cancelAnimationFrame(asked);
      if (recorder.current?.state === 'recording') recorder.current.stop();
      stream.current?.getTracks().forEach((track) => track.stop());
      void context.close();
    };
  }, []);

  const record = useCallback(() => {
    if (!stream.current) return;
    const made = new MediaRecorder(stream.current, { audioBitsPerSecond: BITS });
    const pieces: Blob[] = [];
    made.ondataavailable = ({ data }) => pieces.push(data);
    made.onstop = () => {
      setSound(new Blob(pieces, { type: made.mimeType }));
      setPhase('done');
    };
    recorder.current = made;
    begun.current = performance.now();
    setSeconds(0);
    made.start();
    setPhase('recording');
  }, []);
  const stop = useCallback(() => recorder.current?.state === 'recording' && recorder.current.stop(), []);
  const again = useCallback(() => {
    setSound(null);
    setPhase('ready');
  }, []);
  return { phase, problem, level, seconds, sound, record, stop, again };
}
