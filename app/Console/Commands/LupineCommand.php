<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Film\FilmFailed;
use Illuminate\Console\Command;
use Lupine\Core\Form\Forms;
use Lupine\Core\LupineException;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\PlainText;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * What the commands share: pieces are read from files, errors go to standard error, and the exit status tells.
 *
 * 0: done. 1: what was asked for was looked at and is not right, or the renderer failed. 2: what was given cannot be
 * used.
 */
abstract class LupineCommand extends Command
{
    public const OFF = 1;

    public const BAD_INPUT = 2;

    final public function handle(): int
    {
        try {
            return $this->work();
        } catch (FilmFailed $reason) {
            return $this->complain($reason->getMessage(), self::OFF);
        } catch (LupineException $reason) {
            $row = $reason->rowId === null || str_contains($reason->where, 'row') ? '' : ', row '.$reason->rowId;

            return $this->complain(
                ($reason->where === '' ? '' : $reason->where.$row.': ').$reason->getMessage(),
                self::BAD_INPUT,
            );
        }
    }

    abstract protected function work(): int;

    protected function complain(string $message, int $status): int
    {
        $this->getOutput()->getErrorStyle()->writeln($message);

        return $status;
    }

    protected function text(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : '';
    }

    protected function given(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) ? self::writable($value, $option) : null;
    }

    /** @throws BadPiece where a text that was given cannot stand in a piece */
    protected static function writable(string $value, string $option): string
    {
        $wrong = PlainText::unwritableIn($value);

        return $wrong === null
            ? $value
            : throw new BadPiece(sprintf('This holds %s, which no piece can hold; take it out.', $wrong), '--'.$option);
    }

    /** @throws BadPiece */
    protected function contents(string $file): string
    {
        return (string) file_get_contents($this->readable($file));
    }

    /** @throws BadPiece where there is no such file */
    protected function readable(string $file): string
    {
        return is_file($file) && is_readable($file)
            ? $file
            : throw new BadPiece('There is no such file, or it cannot be read.', $file);
    }

    protected function piece(): Piece
    {
        return Piece::fromJson($this->contents($this->text('piece')), app(Forms::class));
    }

    /**
     * A document to the file of --out, or to standard output.
     *
     * @throws BadPiece where the file cannot be written
     */
    protected function deliver(mixed $document): void
    {
        $flags = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;
        $json = json_encode($document, $flags)."\n";
        $out = $this->given('out');
        if ($out === null) {
            $this->output->write($json, false, OutputInterface::OUTPUT_RAW);
        } else {
            $this->write($out, $json);
        }
    }

    /** @throws BadPiece */
    protected function write(string $file, string $contents): void
    {
        if (@file_put_contents($file, $contents) === false) {
            throw new BadPiece('This file cannot be written. Is its folder there, and may you write in it?', $file);
        }
    }
}
