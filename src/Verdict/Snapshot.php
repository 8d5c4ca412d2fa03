<?php

declare(strict_types=1);

namespace App\Verdict;

use App\Chain\CaseChain;
use App\Chain\ChainLink;
use App\Chain\ChainNode;
use App\Chain\Engine\Opinion;
use App\Chain\Theory;
use App\Evidence\Clips\Clip;
use App\Evidence\ContentCheck;
use App\Evidence\Finding;
use App\Evidence\Mark;
use App\Evidence\PartRecord;
use App\Evidence\Photo;
use App\Figures\KeptFigure;
use App\Figures\WearCheck;
use App\Intake\CaseFile;
use App\Intake\Complaint;
use App\Intake\Statement;
use App\Intake\WatchTick;
use App\Library\SchoolPick;
use App\Measuring\CaseMeasures;
use App\Measuring\LimitChoice;
use App\Measuring\Measured;
use App\Teardown\StepRecord;
use App\Verdict\Warranty\Policies;
use Doctrine\ORM\EntityManagerInterface;
use Japhrex\Core\Measuring\JudgedPlace;
use Japhrex\Core\Measuring\PlaceSize;
use Japhrex\Core\Verdict\Policy\Judgement;
use Japhrex\Core\Verdict\Policy\Line;

/** The whole case as a document, taken when it is signed, so that nobody can wonder later what was signed. */
final readonly class Snapshot
{
    public function __construct(private EntityManagerInterface $em, private CaseChain $chains, private CaseMeasures $measures, private WearCheck $wear, private Opinion $opinion, private Policies $policies)
    {
    }

    /** @return array<string, mixed> */
    public function of(CaseFile $case): array
    {
        $by = ['case' => $case];

        return [
            'unit' => self::fields($case),
            'arrival' => null === $case->arrival ? null : self::fields($case->arrival),
            'complaints' => array_map(static fn (Complaint $c): array => self::fields($c), $case->complaints->getValues()),
            'statements' => array_map(static fn (Statement $s): array => self::fields($s), $case->statements->getValues()),
            'watch list' => array_map(self::fields(...), $this->em->getRepository(WatchTick::class)->findBy($by, ['id' => 'ASC'])),
            'contents' => array_map(self::fields(...), $this->em->getRepository(ContentCheck::class)->findBy($by, ['id' => 'ASC'])),
            'choices used' => array_map(self::fields(...), $this->em->getRepository(SchoolPick::class)->findBy($by, ['id' => 'ASC'])),
            'steps' => array_map(self::fields(...), $this->em->getRepository(StepRecord::class)->findBy($by, ['id' => 'ASC'])),
            'parts' => array_map(self::fields(...), $this->em->getRepository(PartRecord::class)->findBy($by, ['part' => 'ASC'])),
            'findings' => array_map(self::fields(...), $this->em->getRepository(Finding::class)->findBy($by, ['id' => 'ASC'])),
            'readings' => $this->readings($case),
            'limits chosen' => array_map(self::fields(...), $this->em->getRepository(LimitChoice::class)->findBy($by, ['id' => 'ASC'])),
            'figures' => array_map(self::fields(...), $this->em->getRepository(KeptFigure::class)->findBy($by, ['id' => 'ASC'])),
            'wear and complaint' => $this->wear->asData($case),
            'photos' => array_map(static fn (Photo $photo): array => self::fields($photo) + [
                'sha256' => $photo->picture->hash,
                'marks' => array_map(static fn (Mark $mark): array => self::fields($mark), $photo->marks->getValues()),
            ], $this->em->getRepository(Photo::class)->findBy($by, ['id' => 'ASC'])),
            'clips' => array_map(self::fields(...), $this->em->getRepository(Clip::class)->findBy($by, ['id' => 'ASC'])),
            'theories' => array_map(self::fields(...), $this->em->getRepository(Theory::class)->findBy($by, ['id' => 'ASC'])),
            'warranty' => ['asked' => $this->em->contains($facts = $this->policies->facts($case)) ? self::fields($facts) : null, 'judged' => array_map(self::policy(...), $this->policies->of($case))],
            'engine' => $this->opinion->now($case),
            'nodes' => array_map(static fn (ChainNode $node): array => self::fields($node), $this->chains->nodes($case)),
            'links' => array_map(static fn (ChainLink $link): array => self::fields($link) + ['from' => (string) $link->from?->id, 'to' => (string) $link->to?->id], $this->chains->links($case)),
        ];
    }

    /**
     * SHA-256 over the document with its keys in order, so that it is the same however the database keeps it.
     *
     * @param array<mixed> $snapshot
     */
    public static function hash(array $snapshot): string
    {
        return hash('sha256', json_encode(self::sorted($snapshot), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * Readings, and sizes worked out, with the limits that counted when it was signed and what they said; in SI.
     *
     * @return list<array<string, mixed>>
     */
    private function readings(CaseFile $case): array
    {
        $readings = [];
        foreach (array_merge(...array_map(array_values(...), array_values($this->measures->of($case)))) as $one) {
            if (null !== $one->reading || [] !== ($one->derived->at ?? [])) {
                $readings[] = self::judged($one);
            }
        }

        return $readings;
    }

    /** @return array<string, mixed> */
    private static function judged(Measured $one): array
    {
        $judged = $one->assessment();
        $worst = $judged?->atWorst();

        return (null === $one->reading ? ['part' => $one->part, 'field' => $one->field->key] : self::fields($one->reading)) + array_filter([
            'new' => $one->limits?->new?->si, 'min' => $one->limits?->min?->si, 'max' => $one->limits?->max?->si,
            'mean' => $worst?->mean, 'guard' => $worst?->guard, 'verdict' => $judged?->verdict->value,
            'place' => $judged?->worst->place ?: null, 'wear used' => $judged?->wearUsed, 'unread' => $judged?->unread ?: null,
            'places' => null === $judged || \count($judged->places) < 2 ? null : array_map(static fn (JudgedPlace $at): array => ['place' => $at->place, 'size' => $at->assessment->mean, 'guard' => $at->assessment->guard, 'verdict' => $at->assessment->verdict->value], $judged->places),
            'form' => null === $one->form ? null : [$one->form->name => $one->form->spread, 'u' => $one->form->u] + (null === $one->form->judged ? [] : ['verdict' => $one->form->judged->verdict->value]),
            'in a rebuild' => $one->rebuild?->verdict->value,
            'worked out' => null === $one->derived || [] === $one->derived->at ? null : ['figure' => $one->derived->fill->figure, 'typed' => $one->derived->typed, 'at' => array_map(static fn (PlaceSize $at): array => ['place' => $at->place, 'value' => $at->size->x, 'u' => $at->size->u], $one->derived->at)],
        ], static fn (mixed $value): bool => null !== $value);
    }

    /** @return array<string, mixed> */
    private static function policy(Judgement $one): array
    {
        return ['policy' => $one->policy->key, 'name' => $one->policy->name, 'standing' => $one->standing()->value, 'lines' => array_map(static fn (Line $line): array => ['clause' => $line->clause, 'standing' => $line->standing->value, 'fact' => $line->fact], $one->lines)];
    }

    /** @return array<string, mixed> the plain fields of a thing */
    private static function fields(object $thing): array
    {
        $fields = [];
        foreach (get_object_vars($thing) as $name => $value) {
            if ('version' === $name) {
                continue;
            }
            if (null === $value || \is_scalar($value) || \is_array($value)) {
                $fields[$name] = $value;
            } elseif ($value instanceof \BackedEnum) {
                $fields[$name] = $value->value;
            } elseif ($value instanceof \DateTimeInterface) {
                $fields[$name] = $value->format(\DATE_ATOM);
            } elseif ($value instanceof \Stringable) {
                $fields[$name] = (string) $value;
            }
        }

        return $fields;
    }

    private static function sorted(mixed $value): mixed
    {
        if (!\is_array($value)) {
            return \is_float($value) ? (string) $value : $value;
        }
        if (!array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::sorted(...), $value);
    }
}
