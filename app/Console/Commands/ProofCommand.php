<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use Lupine\Core\Proof\Proof;
use Symfony\Component\Console\Output\OutputInterface;

final class ProofCommand extends LupineCommand
{
    private const JSON = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE;

    protected $signature = 'lupine:proof
        {piece : the piece, a JSON file}
        {--shape= : one of the shapes that the piece is made in; its own stage if not given}
        {--json : the whole proof as JSON}';

    protected $description = 'Measures the picture against its figures; exit status 1 where something is off';

    public function __construct(private readonly ComputedPiece $computed)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $placed = $this->computed->read($this->contents($this->text('piece')), $this->given('shape'));
        $proof = $this->computed->proof($placed);
        if ($this->option('json') === true) {
            $this->output->write(
                json_encode($this->computed->proofAnswer($placed, $proof), self::JSON)."\n",
                false,
                OutputInterface::OUTPUT_RAW,
            );
        } else {
            $this->table(
                ['Figure', 'Value', 'Wanted', 'Drawn', 'Off by'],
                array_map(
                    static fn ($figure): array => [
                        $figure->label,
                        $figure->value,
                        sprintf('%.4f %%', $figure->wanted * 100),
                        sprintf('%.4f %%', $figure->measured * 100),
                        sprintf('%.7f', $figure->difference)
                            .($figure->difference > Proof::TOLERANCE ? ' on frame '.$figure->frame : ''),
                    ],
                    $proof->figures,
                ),
            );
            foreach ($proof->checks() as $check) {
                $this->line(($check->ok ? '✓ ' : '! ').$check->message
                    .($check->ok || $check->frame === null ? '' : ' (frame '.$check->frame.')'));
            }
            $this->line($proof->extent);
        }

        return $proof->isExact() ? self::SUCCESS : self::OFF;
    }
}
