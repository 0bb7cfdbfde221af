<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Body\PushUp;
use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;

final class PushUpVerb implements Verb
{
    public function name(): string
    {
        return 'pushup';
    }

    public function about(): string
    {
        return 'the share of body weight on the hands in a push-up';
    }

    public function answer(Bag $input): Answer
    {
        if ($input->has('hands_mm') === $input->has('feet_from_wall_mm')) {
            throw InvalidInput::at('/hands_mm', 'Give either "hands_mm" (0 for the floor) or "feet_from_wall_mm".');
        }
        $height = $input->int('height_mm', 900, 2300);
        $from = $input->string('from') === 'knees' ? 'knees' : 'toes';
        $fraction = $input->has('hands_mm')
            ? PushUp::onFloor($height, $from, $input->number('hands_mm', 0, 2000))
            : PushUp::atWall($height, $from, $input->number('feet_from_wall_mm', 0, 3000));

        return new Answer(['fraction' => $fraction === null ? null : round($fraction, 4)]);
    }
}
