<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Lupine\Core\Form\Form;
use Lupine\Core\Form\Forms;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Number;
use Symfony\Component\Console\Output\OutputInterface;

final class FormsCommand extends LupineCommand
{
    protected $signature = 'lupine:forms
        {form? : one of them; all if not given}
        {--json : everything as JSON}';

    protected $description = 'Lists the forms with their settings and what they promise';

    public function __construct(private readonly Forms $forms)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $wanted = $this->argument('form');
        if (is_string($wanted) && !in_array($wanted, $this->forms->names(), true)) {
            throw new \Lupine\Core\Settings\BadPiece(
                sprintf('“%s” is not a form. There are: %s.', $wanted, implode(', ', $this->forms->names())),
                'form',
            );
        }
        $forms = is_string($wanted) ? [$this->forms->named($wanted)] : $this->forms->all();
        if ($this->option('json') === true) {
            $this->output->write(
                json_encode(
                    array_map($this->described(...), $forms),
                    JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
                )."\n",
                false,
                OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        }
        foreach ($forms as $form) {
            $needs = $form->needs($this->forms->usual($form->name()))->value;
            $this->line(sprintf('<info>%s</info>  needs %s', $form->name(), $needs));
            $this->line('  '.$form->promise());
            foreach ($form->settings() as $setting) {
                $this->line(sprintf('  %-14s %s', $setting->name, self::range($setting)));
            }
            $this->line('');
        }

        return self::SUCCESS;
    }

    private static function range(Declared $setting): string
    {
        $its = $setting->setting;
        $usual = (string) $its->default();

        return match (true) {
            $its instanceof Number => sprintf(
                '%s to %s %s, usually %s%s',
                $its->min,
                $its->max,
                $its->unit->value,
                $usual,
                $setting->detail->isKeyed ? '' : '; not changed by moves',
            ),
            $its instanceof Choice => implode(', ', $its->values()).'; usually '.$usual,
            default => 'text',
        };
    }

    /** @return array<string, mixed> */
    private function described(Form $form): array
    {
        return [
            'name' => $form->name(),
            'needs' => $form->needs($this->forms->usual($form->name()))->value,
            'promise' => $form->promise(),
            'settings' => array_map(
                static fn (Declared $setting): array => ['name' => $setting->name, ...$setting->schema()],
                $form->settings(),
            ),
        ];
    }
}
