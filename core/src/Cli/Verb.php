<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli;

use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Input\Bag;

/** One verb of the command line. Its input is described by core/schema/verbs/{name}.json. */
interface Verb
{
    public function name(): string;

    public function about(): string;

    /**
     * @throws CoreError
     */
    public function answer(Bag $input): Answer;
}
