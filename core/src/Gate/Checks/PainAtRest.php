<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;

/** Pain at rest, against the own usual. */
final readonly class PainAtRest implements Check
{
    private const RULE = 'gate.pain';

    /** @param  int|null  $pain  0 to 10 */
    public function __construct(private ?int $pain)
    {
    }

    public function findings(Arrival $at): iterable
    {
        $usual = $at->client->usual->pain;
        if ($this->pain === null) {
            return;
        }
        $says = sprintf(
            'Pain at rest %d of 10%s.', $this->pain, $usual === null ? '' : sprintf(', usual %d', (int) $usual),
        );
        if ($usual !== null ? $this->pain >= $usual + 3 : $this->pain >= 7) {
            yield Finding::notToday(self::RULE, $says, 'No session today; look at what changed.', Source::PAIN);
        } elseif ($usual !== null ? $this->pain >= $usual + 2 : $this->pain >= 4) {
            yield Finding::lighter(self::RULE, $says, 'Lighter, in the pain-free range.', Source::PAIN);
        }
    }
}
