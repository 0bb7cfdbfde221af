<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Proposal;
use App\Models\User;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Progress\Decision as Verdict;
use BuoyantStep\Core\Progress\Lever;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Accepts at once what steps up, or what eases, and asks for no look; or, where a clinician chose so for a client,
 * what only counts a
 * little more, by itself, and never after a brake. Nothing is issued by it.
 */
final class AcceptSteps
{
    private const LOOK_FIRST = 'The last session came from elsewhere: look at it on Review first, then step up.';

    public function __construct(
        private readonly DecideProposal $decide,
        private readonly Catalogue $catalogue,
    ) {
    }

    /**
     * @param  Verdict  $what  what steps up, or what eases
     * @return array{accepted: int, left: list<string>} how many went into the plan, and why the others did not
     */
    public function all(Client $client, User $by, Verdict $what = Verdict::StepUp): array
    {
        if ($what === Verdict::StepUp && $client->logs()->first()?->to_see === true) {
            return ['accepted' => 0, 'left' => [self::LOOK_FIRST]];
        }

        return $this->accept(self::open($client)->filter(
            static fn (Proposal $p): bool => self::isPlain($p, $what),
        ), $by);
    }

    /** After a session: small steps only, where nothing of that session asks for care. */
    public function small(Client $client, User $by): void
    {
        if (! $client->small_steps) {
            return;
        }
        $log = $client->logs()->first();
        $open = self::open($client);
        $braked = $open->contains(
            static fn (Proposal $p): bool => $p->review || Verdict::from($p->decision)->isBrake(),
        );
        // The morning after belongs to the session: until it is known, nothing steps by itself.
        if (
            $log === null || $log->to_see || $log->pain_next_morning === null || $braked || StopSigns::isOpen($client)
        ) {
            return;
        }
        $small = $open->filter(static fn (Proposal $p): bool => self::isPlain($p, Verdict::StepUp)
            && $p->session_log_id === $log->id && $p->rung === $p->planItem->rung
            && Lever::tryFrom((string) $p->lever)?->isCount() === true);
        $this->accept($small, $by);
    }

    public function choose(Client $client, User $by, bool $on): void
    {
        if ($client->small_steps === $on) {
            return;
        }
        DB::transaction(static function () use ($client, $by, $on): void {
            $client->update(['small_steps' => $on]);
            Decision::record($by, $client, 'client.small_steps', $on
                ? 'Small steps accept themselves from here on: more reps, seconds or steps, never after a brake.'
                : 'Small steps wait for a decision again.');
        });
    }

    /** @return Collection<int, Proposal> */
    private static function open(Client $client): Collection
    {
        return $client->proposals()->where('status', Proposal::OPEN)->with(['planItem', 'client.clinic'])->get();
    }

    private static function isPlain(Proposal $proposal, Verdict $what): bool
    {
        return $proposal->decision === $what->value && ! $proposal->review;
    }

    /**
     * @param  Collection<int, Proposal>  $proposals
     * @return array{accepted: int, left: list<string>}
     */
    private function accept(Collection $proposals, User $by): array
    {
        $accepted = 0;
        $left = [];
        foreach ($proposals as $proposal) {
            try {
                $this->decide->accept($proposal, $by);
                $accepted++;
            } catch (ValidationException $refused) {
                $name = $this->catalogue->family($proposal->planItem->family)->rung($proposal->rung)->name;
                $left[] = $name.': '.$refused->getMessage();
            }
        }

        return ['accepted' => $accepted, 'left' => $left];
    }
}
