<?php

namespace App\Film\Files;

/**
 * The kinds of film file that are taken, told by their first bytes before anything opens them. The film tools are made
 * to read that kind and no other, and from no other file: a list of other files that calls itself a film opens none.
 */
enum Container: string
{
    /** Value: the name of the reader that the film tools are held to. */
    case Mp4 = 'mov';
    case Matroska = 'matroska';
    case Avi = 'avi';
    case TransportStream = 'mpegts';
    case ProgramStream = 'mpeg';
    case Flash = 'flv';
    case Windows = 'asf';

    private const SYNC = "\x47";

    /** Lengths of the packets of a transport stream, without and with a camera's time stamp, and where they start. */
    private const PACKETS = [[188, 0], [192, 4]];

    /** @throws NotAFilm when the first bytes are of none of these */
    public static function of(string $path): self
    {
        $head = (string) @file_get_contents($path, length: 4096);

        return match (true) {
            in_array(substr($head, 4, 4), ['ftyp', 'moov', 'mdat', 'wide', 'free', 'skip'], true) => self::Mp4,
            str_starts_with($head, "\x1A\x45\xDF\xA3") => self::Matroska,
            str_starts_with($head, 'RIFF') && substr($head, 8, 4) === 'AVI ' => self::Avi,
            str_starts_with($head, "\x00\x00\x01\xBA") => self::ProgramStream,
            str_starts_with($head, 'FLV') => self::Flash,
            str_starts_with($head, "\x30\x26\xB2\x75\x8E\x66\xCF\x11") => self::Windows,
            self::isTransportStream($head) => self::TransportStream,
            default => throw new NotAFilm(
                'It holds no moving picture: its first bytes are of no MP4, MOV, WebM, MKV, AVI, MTS or MPEG file.',
            ),
        };
    }

    /**
     * What holds a film tool to this kind and to this one file.
     *
     * @return list<string> to stand before the name of the file
     */
    public function only(): array
    {
        return ['-protocol_whitelist', 'file', '-format_whitelist', $this->readers(), '-f', $this->value];
    }

    /** The reader with the names it answers to. */
    private function readers(): string
    {
        return match ($this) {
            self::Mp4 => 'mov,mp4,m4a,3gp,3g2,mj2',
            self::Matroska => 'matroska,webm',
            default => $this->value,
        };
    }

    private static function isTransportStream(string $head): bool
    {
        foreach (self::PACKETS as [$length, $from]) {
            $marks = array_map(
                fn (int $n): string => substr($head, $from + $n * $length, 1),
                [0, 1, 2, 3],
            );
            if (array_unique($marks) === [self::SYNC]) {
                return true;
            }
        }

        return false;
    }
}
