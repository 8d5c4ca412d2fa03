<?php

declare(strict_types=1);

namespace App\Parts;

use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\Finding;
use App\Evidence\PartLimits;
use App\Evidence\Watch\WatchList;
use App\Intake\CaseFile;
use App\Intake\Kept\KeptOfCase;
use App\Teardown\RestOfBench;
use Japhrex\Core\Chain\Rest\RestPart;
use Japhrex\Core\Chain\Rest\TheRest;
use Japhrex\Core\Damage\Disposition;
use Japhrex\Core\Damage\FindingKind;
use Japhrex\Core\Family\Book;
use Japhrex\Core\Measuring\LimitVerdict;
use Symfony\Bundle\SecurityBundle\Security;

/** Which parts of a case may be called clean in one act by who is at the screen: an analyst decides on them too. */
final readonly class RestOfParts implements RestOfBench
{
    public function __construct(
        private BookShelf $shelf,
        private PartViews $parts,
        private PartLimits $limits,
        private WatchList $watch,
        private Security $may,
        private KeptOfCase $kept,
    ) {
    }

    public function of(CaseFile $case, ?array $among = null): TheRest
    {
        $what = \sprintf(
            'the rest of %s for %s',
            null === $among ? 'the unit' : hash('xxh128', implode(' ', $among)),
            $this->may->isGranted(Permission::ANALYSE) ? 'who decides' : 'the bench',
        );

        return $this->kept->of($case, $what, fn (): TheRest => $this->looked($case, $among));
    }

    /** @param list<string>|null $among */
    private function looked(CaseFile $case, ?array $among): TheRest
    {
        $book = $this->shelf->book($case->family, $case->is());
        $views = $this->parts->partsOf($case)->ofUnit();
        $weak = [];
        foreach ($this->watch->answered($case) as $one) {
            if ($one->isOpen()) {
                $weak[explode('/', $one->watch->place)[0]] = true;
            }
        }
        $bound = $this->limits->boundOf($case);
        $together = self::together($book);
        $parts = $found = [];
        foreach ($views as $key => $view) {
            foreach ($view->findings as $finding) {
                if (FindingKind::Damage === $finding->kind) {
                    $found[$key][(string) $finding->mode] = max($found[$key][(string) $finding->mode] ?? 0, $finding->grade);
                }
            }
            $parts[$key] = new RestPart(
                $key,
                $view->isOff,
                $this->isSpokenFor($view),
                [] !== array_filter($together[$key] ?? [$key], static fn (string $one): bool => [] !== $views[$one]->photos),
                $view->readingsOpen(),
                self::isOutside($view),
                array_values(array_filter([
                    isset($weak[$key]) ? 'a known weak place' : null,
                    null === $view->carried ? null : 'accepted for one more run last time',
                    $view->isNeverReused() ? '' : rtrim((string) $bound[$key]->against(Disposition::Reuse, []), '.'),
                ])),
            );
        }

        return TheRest::of($book, $parts, $found, $among);
    }

    /** Whoever decides has the parts before him that somebody found clean and nobody has decided on. */
    private function isSpokenFor(PartView $view): bool
    {
        $marked = array_filter(
            $view->findings,
            static fn (Finding $finding): bool => $finding->kind->isLook() && FindingKind::Clean !== $finding->kind,
        );

        return $this->may->isGranted(Permission::ANALYSE)
            ? [] !== $marked || null !== $view->record?->disposition
            : $view->isLookedAt();
    }

    private static function isOutside(PartView $view): bool
    {
        foreach ($view->measured as $one) {
            $verdict = $one->assessment()?->verdict;
            if (null !== $verdict && LimitVerdict::Within !== $verdict) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, list<string>> part => the parts that come off with it */
    private static function together(Book $book): array
    {
        $together = [];
        foreach ($book->strip as $step) {
            foreach ($step->removes as $part) {
                $together[$part] = $step->removes;
            }
        }

        return $together;
    }
}
