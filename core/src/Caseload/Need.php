<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

/** One thing a client needs from the clinician today. */
final readonly class Need
{
    /** What it is about, in whatever words: two needs of one kind with the same are one. */
    public string $about;

    /**
     * @param  string  $stage  the page on which it is met
     * @param  string|null  $about  where what is said changes from day to day though nothing has happened
     */
    public function __construct(
        public NeedKind $kind,
        public string $says,
        public string $stage,
        ?string $about = null,
    ) {
        $this->about = $about ?? $says;
    }
}
