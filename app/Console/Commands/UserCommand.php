<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Lupine\Core\Settings\BadPiece;

final class UserCommand extends LupineCommand
{
    private const SHORTEST = 10;
    private const LONGEST = 200;

    protected $signature = 'lupine:user
        {name? : who; all that there are are listed where nobody is named}
        {--remove : lets them sign in no more}
        {--password-file= : a file whose first line is the password, - for what is piped in; else it is asked for}';

    protected $description = 'Makes somebody who may sign in, or gives them another password, which ends their sessions';

    protected function work(): int
    {
        $name = trim($this->text('name'));
        if ($name === '') {
            foreach (User::query()->orderBy('name')->pluck('name') as $one) {
                $this->line(is_string($one) ? $one : '');
            }

            return self::SUCCESS;
        }
        if (mb_strlen($name) > self::LONGEST) {
            throw new BadPiece(sprintf('A name has %d signs at most.', self::LONGEST), 'name');
        }
        if ($this->option('remove') === true) {
            return User::query()->where('name', $name)->delete() > 0
                ? self::SUCCESS
                : $this->complain(sprintf('There is nobody called “%s”.', $name), self::BAD_INPUT);
        }
        User::query()->updateOrCreate(['name' => $name], ['password' => $this->password()]);
        $this->line(sprintf('“%s” may sign in.', $name));

        return self::SUCCESS;
    }

    /** @throws BadPiece */
    private function password(): string
    {
        $file = $this->given('password-file');
        if ($file === null) {
            $password = $this->secret('Password');
            if ($password !== $this->secret('The same again')) {
                throw new BadPiece('These are not the same. Nothing was changed.', 'password');
            }
        } else {
            $said = $file === '-' ? (string) fgets(\STDIN) : explode("\n", $this->contents($file))[0];
            $password = rtrim($said, "\r\n");
        }
        $password = is_string($password) ? $password : '';
        if (mb_strlen($password) < self::SHORTEST || mb_strlen($password) > self::LONGEST) {
            throw new BadPiece(
                sprintf(
                    'A password has %d to %d signs. A few words together are easy to keep.',
                    self::SHORTEST,
                    self::LONGEST,
                ),
                'password',
            );
        }

        return $password;
    }
}
