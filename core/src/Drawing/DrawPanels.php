<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\PanelOverTime;

/** Panels: plain shapes with coats on them. */
final readonly class DrawPanels
{
    public function __construct(private DrawCoats $coats, private FrameRange $range, private Box $stage)
    {
    }

    public function draw(PanelOverTime $panel): GroupNode
    {
        $now = $panel->track($this->range);
        $full = $now->map(static fn (Panel $panel): string => PanelOverTime::outline($panel, Presence::full()));
        $outline = $now->with($panel->comes->presence($this->range), PanelOverTime::outline(...));
        $box = $now->map(static fn (Panel $panel): Box => Box::around(
            new Point($panel->x, $panel->y),
            $panel->width,
            $panel->height,
        ));
        $on = new Coated(
            $panel->panel->id,
            $now->map(static fn (Panel $panel): string => $panel->colour),
            $outline,
            $box->map(Grain::across(...)),
            $full,
            $box,
            $this->stage,
            $now->map(static fn (Panel $panel) => $panel->coats),
        );
        $opacity = $panel->pose['opacity'];

        return new GroupNode(
            Role::Panel,
            $this->coats->all($on),
            $opacity->isStill() ? null : $opacity->track($this->range),
            $this->pose($panel),
            of: $panel->panel->id,
        );
    }

    private function pose(PanelOverTime $panel): ?Pose
    {
        $told = $panel->panel;
        $middle = new Point($told->x, $told->y);

        return Pose::of($middle, $panel->pose, $this->range, $middle) ?? ($told->turn === 0.0 ? null : new Pose(
            $middle,
            Track::constant(0.0),
            Track::constant(0.0),
            Track::constant(1.0),
            Track::constant($told->turn),
        ));
    }
}
