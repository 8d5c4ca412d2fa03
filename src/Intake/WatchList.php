<?php

declare(strict_types=1);

namespace App\Intake;

use App\Platform\BookShelf;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Family\Watch;
use Twig\Attribute\AsTwigFunction;

/** The watch list of a case: every known weak place of its family, seen, clean or not looked at. */
final readonly class WatchList
{
    public function __construct(private EntityManagerInterface $em, private BookShelf $shelf)
    {
    }

    /** @return list<array{watch: Watch, tick: WatchTick|null}> of one part where it is named */
    #[AsTwigFunction('watch_list')]
    public function of(CaseFile $case, string $part = ''): array
    {
        $ticks = [];
        foreach ($this->em->getRepository(WatchTick::class)->findBy(['case' => $case]) as $tick) {
            $ticks[$tick->watch] = $tick;
        }
        $list = [];
        foreach ($this->shelf->book($case->family)->watch as $key => $watch) {
            if ('' === $part || explode('/', $watch->place)[0] === $part) {
                $list[] = ['watch' => $watch, 'tick' => $ticks[$key] ?? null];
            }
        }

        return $list;
    }
}
