<?php

declare(strict_types=1);

namespace App\Film;

use App\Papers\PaperMaker;
use App\Papers\ProofPdfMaker;
use App\Papers\StillsMaker;
use App\Papers\WorkbookMaker;
use Lupine\Core\Settings\BadPiece;

/** The kinds of file that are made of a piece; the value names them in requests and on the command line. */
enum FileKind: string
{
    /** H.264, 4:2:0: opens everywhere, without transparency */
    case Mp4 = 'mp4';

    /** H.264 at half size, without motion blur, its timecode burnt in: to be looked at soon */
    case Draft = 'draft';

    /** ProRes 4444 with transparency, for video editors */
    case Mov = 'mov';

    /** ProRes 422 HQ, for video editors that need no transparency */
    case Hq = 'hq';

    /** the transparency alone as greys, ProRes 422 HQ */
    case Matte = 'matte';

    /** VP9 with transparency, for pages and lighter files */
    case Webm = 'webm';

    /** every frame as a PNG with transparency, in one ZIP; of 8 bits a colour, or of 16 */
    case Zip = 'zip';
    case Zip16 = 'zip16';

    /** the narrator alone, as long as the frames: PCM, 48,000 samples a second */
    case Wav = 'wav';

    /** 256 colours, without half-transparency */
    case Gif = 'gif';

    /** all colours and every opacity */
    case Apng = 'apng';
    case Webp = 'webp';

    /** one HTML file with a player and all that it needs; and one that stops at the end of each line */
    case Page = 'page';
    case Stops = 'stops';

    /** an animated SVG that plays by itself */
    case Svg = 'svg';

    /** one PNG of the moment at which all figures have come; and one of each moment at which they stand still */
    /** vector animation JSON */
    case Lottie = 'lottie';
    case Poster = 'poster';
    case Stills = 'stills';

    /** subtitles by line or word */
    case Srt = 'srt';
    case SrtWords = 'srt-words';
    case Vtt = 'vtt';
    case VttWords = 'vtt-words';

    /** by line, in the second language of the script */
    case SrtOther = 'srt-second';
    case VttOther = 'vtt-second';

    /** where lines and words are said, and parts come, go and change */
    case Markers = 'markers';
    case Timeline = 'otio';

    /** figures and what is measured of them, as a table or as pages; values while all stand still, or on every frame */
    case Proof = 'proof';
    case ProofPdf = 'proof-pdf';
    case Holds = 'holds';
    case Frames = 'frames';

    /** figures and holds as a spreadsheet */
    case Workbook = 'xlsx';

    /** what is said to those who do not see the picture */
    case Alternative = 'alternative';

    private const CSV = 'text/csv; charset=utf-8';

    /** kinds by the ending of a file's name, where no kind is named */
    private const BY_ENDING = [
        'html' => self::Page, 'otio' => self::Timeline, 'txt' => self::Alternative, 'png' => self::Poster,
        'mp4' => self::Mp4, 'mov' => self::Mov, 'webm' => self::Webm, 'zip' => self::Zip, 'wav' => self::Wav,
        'gif' => self::Gif, 'apng' => self::Apng, 'webp' => self::Webp, 'svg' => self::Svg,
        'json' => self::Lottie, 'srt' => self::Srt, 'vtt' => self::Vtt, 'csv' => self::Proof,
        'pdf' => self::ProofPdf, 'xlsx' => self::Workbook,
    ];

    /**
     * @param string|null $named a kind; null: by the ending
     *
     * @throws BadPiece where there is none, or a file of the kind ends otherwise
     */
    public static function ofFile(string $name, ?string $named = null): self
    {
        $ending = strtolower(pathinfo($name, PATHINFO_EXTENSION));
        $kind = $named === null ? self::BY_ENDING[$ending] ?? null : self::tryFrom($named);
        if ($kind === null) {
            throw $named === null
                ? new BadPiece('The file name must end in .'.implode(', .', array_keys(self::BY_ENDING)).'.', $name)
                : new BadPiece('It must be one of '.implode(', ', array_column(self::cases(), 'value')).'.', '--kind');
        }
        if ($kind->traits()->ending !== $ending) {
            throw new BadPiece(
                sprintf('A file of the kind “%s” must end in .%s.', $kind->value, $kind->traits()->ending),
                $name,
            );
        }

        return $kind;
    }

    public function traits(): FileTraits
    {
        return match ($this) {
            self::Mp4 => FileTraits::film('mp4', 'video/mp4', hasTransparency: false),
            self::Draft => new FileTraits(
                'mp4',
                'video/mp4',
                FilmMaker::class,
                '-draft',
                hasTransparency: false,
                hasSound: true,
                hasTimecode: true,
                isJoined: true,
                hasShutter: false,
                isSoon: true,
            ),
            self::Mov => FileTraits::film('mov', 'video/quicktime', hasTimecode: true),
            self::Hq => FileTraits::film('mov', 'video/quicktime', '-422', false, hasTimecode: true),
            self::Matte => FileTraits::film('mov', 'video/quicktime', '-matte', hasSound: false, hasTimecode: true),
            // Its times are whole milliseconds, and parts would not meet.
            self::Webm => FileTraits::film('webm', 'video/webm', isJoined: false),
            self::Zip => self::frames(''),
            self::Zip16 => self::frames('-16-bit'),
            self::Wav => FileTraits::soon('wav', 'audio/wav', SoundMaker::class, hasSound: true),
            self::Gif, self::Apng, self::Webp => FileTraits::loop($this->value),
            self::Page => FileTraits::soon('html', 'text/html; charset=utf-8', PageMaker::class, '', true, true),
            self::Stops => FileTraits::soon('html', 'text/html; charset=utf-8', PageMaker::class, '-stops', true, true),
            self::Svg => FileTraits::soon('svg', 'image/svg+xml', SvgMaker::class, hasShape: true),
            self::Lottie => new FileTraits('json', 'application/json', LottieMaker::class, hasShutter: false),
            self::Poster => FileTraits::soon('png', 'image/png', StillsMaker::class, '-poster', true),
            self::Stills => FileTraits::soon('zip', 'application/zip', StillsMaker::class, '-stills', true),
            self::Srt => self::paper('srt', 'application/x-subrip'),
            self::SrtWords => self::paper('srt', 'application/x-subrip', '-words'),
            self::Vtt => self::paper('vtt', 'text/vtt'),
            self::VttWords => self::paper('vtt', 'text/vtt', '-words'),
            self::SrtOther => self::paper('srt', 'application/x-subrip', '-second-language'),
            self::VttOther => self::paper('vtt', 'text/vtt', '-second-language'),
            self::Markers => self::paper('csv', self::CSV, '-markers'),
            self::Timeline => self::paper('otio', 'application/json', '-markers'),
            self::Proof => FileTraits::soon('csv', self::CSV, PaperMaker::class, '-proof', true),
            self::ProofPdf => FileTraits::soon('pdf', 'application/pdf', ProofPdfMaker::class, '-proof', true),
            self::Holds => self::paper('csv', self::CSV, '-values'),
            self::Frames => self::paper('csv', self::CSV, '-values-by-frame'),
            self::Workbook => FileTraits::soon(
                'xlsx',
                'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
                WorkbookMaker::class,
                '-values',
            ),
            self::Alternative => self::paper('txt', 'text/plain; charset=utf-8', '-text-alternative'),
        };
    }

    private static function frames(string $suffix): FileTraits
    {
        return new FileTraits('zip', 'application/zip', FilmMaker::class, $suffix, isFrames: true, isJoined: true);
    }

    private static function paper(string $ending, string $contentType, string $suffix = ''): FileTraits
    {
        return FileTraits::soon($ending, $contentType, PaperMaker::class, $suffix);
    }
}
