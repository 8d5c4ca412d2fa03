<?php

declare(strict_types=1);

namespace App\Claims;

use App\Account\Actor;
use App\Chain\ChainStory;
use App\Claims\Repository\ClaimRepository;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Verdict\Explained;
use App\Verdict\Signing;
use App\Verdict\Warranty\Custodies;
use App\Verdict\Warranty\Custody;
use App\Verdict\Warranty\Policies;
use Japhrex\Core\Verdict\Claim\ClaimSum;
use Japhrex\Core\Verdict\Claim\CostError;
use Japhrex\Core\Verdict\Claim\Deadline;
use Japhrex\Core\Verdict\Claim\Deadlines;
use Japhrex\Core\Verdict\Policy\Judgement;
use Japhrex\Core\Verdict\Whereabouts;

/** Claims: what they rest on, what they ask for, and the days that they have to keep. */
final readonly class Claims
{
    public function __construct(
        private Policies $policies,
        private Custodies $custodies,
        private Signing $signing,
        private ChainStory $story,
        private ClaimRepository $claims,
    ) {
    }

    /** @return list<Claim> */
    public function ofCase(CaseFile $case): array
    {
        return $this->claims->ofCase($case);
    }

    /** A new draft, with the statement that the case gives. */
    public function draft(CaseFile $case, Judgement $judged, Actor $who, ?Complaint $about = null): Claim
    {
        $claim = new Claim($case, \count($this->ofCase($case)) + 1, $judged->policy->key, $who);
        $claim->concern($about);
        $claim->say($judged->policy->maker ?: $judged->policy->name, $this->statement($claim));

        return $claim;
    }

    /** The answer of the verdict that a claim rests on, with the complaints that it is for. */
    public function about(Claim $claim): Explained
    {
        $all = $this->signing->current($claim->case)->explained();
        foreach ($all as $one) {
            if ($one->answers($claim->complaint)) {
                return $one;
            }
        }

        return $all[0];
    }

    public function judged(Claim $claim): ?Judgement
    {
        return $this->policies->one($claim->case, $claim->policy, $this->about($claim));
    }

    /** @throws CostError saying which cost cannot be read */
    public function sum(Claim $claim): ?ClaimSum
    {
        $edition = $this->judged($claim)?->edition;

        return null === $edition ? null : ClaimSum::of($edition, $claim->costs);
    }

    /** @return list<string> evidence that is asked for and neither there nor answered */
    public function missing(Claim $claim): array
    {
        return $this->judged($claim)?->unproved($claim->answers) ?? [];
    }

    /** @return list<Deadline> the nearest first */
    public function deadlines(Claim $claim): array
    {
        $facts = $this->policies->facts($claim->case);

        return Deadlines::of(
            $this->judged($claim)?->edition,
            $claim->steps(),
            $facts->failed,
            $facts->told,
            $this->returned($claim->case),
            $claim->answerBy,
        );
    }

    /** What has to be done next; null: nothing. */
    public function next(Claim $claim): ?Deadline
    {
        $left = array_values(array_filter($this->deadlines($claim), static fn (Deadline $one): bool => $one->isOpen()));

        return $left[0] ?? null;
    }

    /** @return array<string, list<Custody>> parts that were put aside or sent, with where they are */
    public function parts(CaseFile $case): array
    {
        return $this->custodies->byPart($case);
    }

    /** The first day on which a part was sent in. */
    private function returned(CaseFile $case): ?\DateTimeImmutable
    {
        $days = [];
        foreach ($this->custodies->byPart($case) as $entries) {
            foreach ($entries as $one) {
                if (Whereabouts::Sent === $one->what) {
                    $days[] = $one->day;
                }
            }
        }

        return [] === $days ? null : min($days);
    }

    /** What the case says of the complaint that it is about, as a first draft to be read over. */
    private function statement(Claim $claim): string
    {
        [$case, $about] = [$claim->case, $this->about($claim)];
        $unit = trim($case->maker.' '.$case->model);
        $lines = [
            \sprintf(
                '%s%s of %s failed%s.',
                '' === $unit ? $case->name() : $unit,
                '' === $case->serial ? '' : ', serial '.$case->serial.',',
                $case->customer,
                '' === $case->serviceSinceNew ? '' : ' after '.$case->serviceSinceNew.' of service',
            ),
        ];
        foreach ($about->complaints as $complaint) {
            $lines[] = '' === $complaint->words ? '' : 'Complaint: '.$complaint->words;
        }
        foreach ($this->story->paths($case, $about->complaints, $about->by->origin) as $one) {
            $lines[] = [] === $one->path ? '' : 'Damage chain: '.implode(', then ', array_map(lcfirst(...), $one->path)).'.';
        }
        $origin = $about->by->origin;
        $lines[] = $about->by->causeNotFound
            ? 'The cause was not found.'
            : (
                null === $origin
                    ? ''
                    : \sprintf('Origin: %s (%s).', lcfirst($origin->name), lcfirst($origin->origin?->label() ?? 'no kind given'))
            );

        return implode("\n", array_filter([...$lines, trim($about->by->statement)]));
    }
}
