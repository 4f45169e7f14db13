<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Form\Form;
use Lupine\Core\Form\Forms;
use Lupine\Core\Form\Handle;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A handle goes with the hand: what it makes of its number puts it where the hand is. */
final class HandlesTest extends TestCase
{
    private const COUNT = 5;

    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (Forms::shipped()->names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('forms')]
    public function testEveryHandleGoesWithTheHand(string $name): void
    {
        $form = Forms::shipped()->named($name);
        $settings = Forms::shipped()->usual($name)->with($name === 'strip' ? [] : ['sweepDegrees' => 300]);
        $declared = array_map(static fn ($setting): string => $setting->name, $form->settings());
        $handles = $form->handles($settings, new Point(600, 500), self::COUNT);
        self::assertGreaterThanOrEqual(2, count($handles));
        foreach ($handles as $handle) {
            self::assertContains($handle->setting, $declared);
            foreach ([12.0, -9.0] as $far) {
                self::assertTrue($this->goesWith($form, $settings, $handle, $far), $name.' '.$handle->setting);
            }
        }
    }

    private function goesWith(Form $form, FormSettings $settings, Handle $handle, float $far): bool
    {
        $number = $settings->number($handle->setting) + $far * $handle->rate;
        $moved = $settings->with([$handle->setting => $number]);
        foreach ($form->handles($moved, new Point(600, 500), self::COUNT) as $now) {
            if ($now->setting !== $handle->setting) {
                continue;
            }
            if ($handle->around !== null) {
                $turned = self::degrees($handle->around, $now->at) - self::degrees($handle->around, $handle->at);

                return abs(fmod($turned - $far + 540, 360) - 180) < 1e-6;
            }
            \assert($handle->along !== null);
            $gone = ($now->at->x - $handle->at->x) * $handle->along->x
                + ($now->at->y - $handle->at->y) * $handle->along->y;

            return abs($gone - $far) < 0.05;
        }

        return false;
    }

    private static function degrees(Point $centre, Point $at): float
    {
        return rad2deg(atan2($at->y - $centre->y, $at->x - $centre->x));
    }
}
