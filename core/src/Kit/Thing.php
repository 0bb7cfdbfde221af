<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/** What an exercise needs beside the body: furniture and small things of a home. Loads and bands are counted apart. */
enum Thing: string
{
    case Chair = 'chair';
    case Armchair = 'armchair';
    case Wall = 'wall';
    case Counter = 'counter';
    case Table = 'table';
    case Bed = 'bed';
    case Sofa = 'sofa';
    case Bench = 'bench';
    case Stool = 'stool';
    case Step = 'step';
    case Door = 'door';
    case Post = 'post';
    case OverheadBar = 'overhead_bar';
    case Mat = 'mat';
    case Cushion = 'cushion';
    case Cloth = 'cloth';
    case Foam = 'foam';
    case Ball = 'ball';
    case Stick = 'stick';
    case Board = 'board';
    case Cups = 'cups';
    case Sheet = 'sheet';
    case Roller = 'roller';
    case GymBall = 'gym_ball';
    case Blanket = 'blanket';
    case Cards = 'cards';
    case Strap = 'strap';
    case Band = 'band';
    case Load = 'load';

    /** Can it be bought and carried home? The others belong to the house. */
    public function isBought(): bool
    {
        return in_array($this, [
            self::Stool, self::Step, self::Mat, self::Cushion, self::Foam, self::Ball, self::Stick, self::Roller,
            self::GymBall, self::Strap, self::Band,
        ], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::Chair => 'firm chair',
            self::Armchair => 'firm chair with arms',
            self::Wall => 'clear wall',
            self::Counter => 'fixed counter',
            self::Table => 'table',
            self::Bed => 'firm bed',
            self::Sofa => 'heavy sofa against a wall',
            self::Bench => 'firm bench against a wall',
            self::Stool => 'low stool',
            self::Step => 'low step, 10-15 cm',
            self::Door => 'door that closes towards you',
            self::Post => 'fixed post or rail',
            self::OverheadBar => 'fixed bar overhead',
            self::Mat => 'clear floor with a mat',
            self::Cushion => 'firm cushion',
            self::Cloth => 'hand towel or cloth',
            self::Foam => 'foam pad',
            self::Ball => 'soft ball',
            self::Stick => 'stick',
            self::Board => 'tray or board',
            self::Cups => 'cups',
            self::Sheet => 'bed sheet or belt',
            self::Roller => 'foam roller',
            self::GymBall => 'large exercise ball',
            self::Blanket => 'blanket',
            self::Cards => 'pack of cards',
            self::Strap => 'suspension strap with a tested anchor',
            self::Band => 'elastic band or tube',
            self::Load => 'the load',
        };
    }

    /** What serves as well. */
    public function substitute(): ?string
    {
        return match ($this) {
            self::Chair => 'a braked wheelchair, or the edge of a firm bed',
            self::Armchair => 'a braked wheelchair, or a chair beside a counter',
            self::Counter => 'a heavy table against a wall, a windowsill or a fixed rail',
            self::Table => 'an ironing board locked at table height, or a tray on the lap',
            self::Bed => 'a sofa, or a mat on the floor when the floor is open',
            self::Sofa => 'a bed against a wall',
            self::Bench => 'the edge of a firm bed against a wall',
            self::Stool => 'a sturdy box',
            self::Step => 'the bottom stair with a rail',
            self::Door => 'a fixed post, but for pulls from above',
            self::Post => 'the leg of a bed or a heavy table, for a low pull',
            self::Mat => 'a folded blanket on carpet',
            self::Cushion => 'folded blankets',
            self::Cloth => 'a sock on a smooth floor',
            self::Foam => 'a blanket folded to 5 cm',
            self::Ball => 'a rolled pair of socks, or a cushion',
            self::Stick => 'a walking stick, a broom handle or an umbrella; a wooden spoon for the forearm',
            self::Roller => 'two towels rolled tightly together',
            self::Blanket => 'two bath towels',
            self::Cards => 'a puzzle, or coins to sort',
            self::Cups => 'small boxes',
            self::Sheet => 'a bathrobe belt',
            default => null,
        };
    }

    /** @return list<string> what people type for it */
    public function words(): array
    {
        return match ($this) {
            self::Chair => ['chair', 'kitchen chair'],
            self::Armchair => ['armchair', 'chair with arms'],
            self::Wall => ['wall'],
            self::Counter => ['counter', 'worktop', 'kitchen counter', 'windowsill', 'rail'],
            self::Table => ['table', 'desk', 'tabletop'],
            self::Bed => ['bed', 'mattress'],
            self::Sofa => ['sofa', 'couch', 'settee'],
            self::Bench => ['bench', 'weight bench'],
            self::Stool => ['stool', 'footstool'],
            self::Step => ['step', 'stair', 'block', 'aerobic step', 'kerb'],
            self::Door => ['door', 'door anchor', 'doorway'],
            self::Post => ['post', 'table leg', 'banister', 'pole', 'tree'],
            self::OverheadBar => ['bar', 'pull-up bar', 'overhead bar', 'doorway bar'],
            self::Mat => ['mat', 'floor', 'yoga mat'],
            self::Cushion => ['cushion', 'pillow'],
            self::Cloth => ['towel', 'cloth', 'hand towel', 'slider', 'sliders', 'dishcloth'],
            self::Foam => ['foam pad', 'balance pad', 'foam'],
            self::Ball => ['ball', 'soft ball', 'small ball'],
            self::Stick => [
                'stick', 'cane', 'walking stick', 'broom', 'broomstick', 'dowel', 'umbrella', 'pole', 'wand',
            ],
            self::Board => ['tray', 'board'],
            self::Cups => ['cup', 'cups', 'mug', 'glass'],
            self::Sheet => ['sheet', 'belt', 'bed sheet'],
            self::Roller => ['foam roller', 'roller'],
            self::GymBall => ['exercise ball', 'gym ball', 'stability ball', 'big ball'],
            self::Blanket => ['blanket', 'rolled blanket'],
            self::Cards => ['cards', 'puzzle', 'coins'],
            self::Strap => ['suspension strap', 'strap', 'suspension trainer', 'sling'],
            self::Band => [
                'band', 'resistance band', 'elastic band', 'elastic', 'tube', 'tubing', 'loop band', 'exercise band',
            ],
            self::Load => [],
        };
    }

    public function room(): string
    {
        return match ($this) {
            self::Counter, self::Table, self::Cups, self::Cloth, self::Board => 'kitchen',
            self::Bed, self::Sheet, self::Mat, self::Blanket => 'bedroom',
            self::Step, self::Door, self::Post, self::Wall, self::OverheadBar, self::Stick => 'hall',
            self::Band, self::Strap, self::Foam, self::Load, self::Roller, self::GymBall => 'exercise things',
            default => 'living room',
        };
    }

    /** Taken to be in every home until the clinician has gone through it; the rest is missing until it is ticked. */
    public function isUsual(): bool
    {
        return ! in_array(
            $this,
            [
                self::Step, self::Bench, self::Stool, self::Door, self::Post, self::OverheadBar, self::Foam, self::Ball,
                self::Board, self::Strap, self::Band, self::Roller, self::GymBall, self::Cards,
            ],
            true,
        );
    }

    /** Bands and loads are in the kit with their figures; the others are ticked. */
    public function isTicked(): bool
    {
        return $this !== self::Band && $this !== self::Load;
    }
}
