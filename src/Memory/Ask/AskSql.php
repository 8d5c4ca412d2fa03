<?php

declare(strict_types=1);

namespace App\Memory\Ask;

use App\Account\User;
use App\Intake\CaseFile;
use App\Platform\Plans\PlanningConnection;
use Japhrex\Core\Memory\Ask\Ask;
use Japhrex\Core\Memory\Ask\AskField;
use Japhrex\Core\Memory\Ask\Between;
use Japhrex\Core\Memory\Ask\Contains;
use Japhrex\Core\Memory\Ask\Found;
use Japhrex\Core\Memory\Ask\Keyed;
use Japhrex\Core\Memory\Ask\Read;
use Japhrex\Core\Memory\Ask\Term;
use Japhrex\Core\Memory\Ask\Written;

/** A question as a condition on `memory_case m`, with its values apart from it. */
final class AskSql
{
    /** @var array<string, float|string> */
    public array $values = [];

    public readonly string $where;

    /** Where nothing but words is asked for: the same of `memory_text t`, without going to the cases themselves. */
    private readonly ?string $inTexts;

    /** Nothing is asked of them: all are found, in the order of an index. */
    public readonly bool $isOfAll;

    /** @param bool $nearly may words of letters be written a little otherwise? */
    public function __construct(Ask $ask, private readonly ?User $who, private readonly bool $nearly = false)
    {
        $this->isOfAll = [] === $ask->terms;
        [$anywhere, $others] = [[], []];
        foreach ($ask->terms as $one) {
            if ($one->is instanceof Written && !$one->not && self::isOfAllTexts($one->is)) {
                $anywhere[] = $this->ways($one->is);
            } else {
                $others[] = ($one->not ? 'NOT ' : '').'('.$this->of($one).')';
            }
        }
        // Looked for together: that all of a case's texts stand in one row of it saves going there for each word.
        $all = [...[] === $anywhere ? [] : [self::inAllTexts($anywhere)], ...$others];
        if (!$ask->asksForWithdrawn()) {
            $all[] = 'NOT m.is_withdrawn';
        }
        $this->where = PlanningConnection::ANEW.' '.implode(' AND ', [...$all, 'true']);
        $this->inTexts = [] === $anywhere || [] !== $others
            ? null
            : PlanningConnection::ANEW." t.source = 'all' AND ".implode(' AND ', $anywhere);
    }

    /** The cases that are found, with what they are sorted by. */
    public function found(AskSort $sort): string
    {
        $columns = $sort->columns();

        return null !== $this->inTexts && [] === $columns
            ? 'SELECT t.case_id, t.taken_at FROM memory_text t WHERE '.$this->inTexts
            : 'SELECT '.implode(', ', ['m.case_id', 'm.taken_at', ...$columns]).' FROM memory_case m WHERE '.$this->where;
    }

    private function of(Term $term): string
    {
        return match (true) {
            ($is = $term->is) instanceof Found => $this->seen($is),
            $is instanceof Keyed => $this->keyed($is),
            $is instanceof Between => $this->between(self::column($is->field), $is->from, $is->to, $is->fromIsOut, $is->toIsOut),
            $is instanceof Contains => $this->contains($is),
            $is instanceof Written => $this->written($is),
            $is instanceof Read => $this->read($is),
            default => throw new \LogicException('A condition without its query: '.$is::class),
        };
    }

    private static function column(AskField $field): string
    {
        return match ($field) {
            AskField::Model => 'lower(m.model)', AskField::Customer => 'lower(m.customer)', AskField::Unit => 'lower(m.unit_name)',
            AskField::Number => 'lower(m.number)', AskField::Holder => 'lower(m.holder)', AskField::Serial => 'm.serial_key',
            AskField::SinceRepair => 'm.since_repair', AskField::Taken => 'm.taken_at', AskField::Signed => 'm.signed_at',
            AskField::Out => 'm.out_at', default => 'm.'.$field->value,
        };
    }

    private function value(float|string $value): string
    {
        $this->values[$name = 'v'.\count($this->values)] = $value;

        return ':'.$name;
    }

    /** @param list<string> $any */
    private function in(string $column, array $any): string
    {
        return [] === $any ? 'true' : $column.' IN ('.implode(', ', array_map($this->value(...), $any)).')';
    }

    private function seen(Found $is): string
    {
        return 'm.case_id IN (SELECT f.case_id FROM memory_find f WHERE '.implode(' AND ', [
            [] === $is->modes && $is->from > 0 ? 'f.mode IS NOT NULL' : $this->in('f.mode', $is->modes),
            $this->in('f.part', $is->parts),
            $this->in('f.surface', $is->surfaces),
            'f.grade BETWEEN '.$is->from.' AND '.$is->to,
            $is->from > 0
                ? 'true'
                : 'NOT EXISTS (SELECT 1 FROM memory_find d WHERE d.case_id = f.case_id AND d.part = f.part AND d.grade > 0)',
        ]).')';
    }

    private function read(Read $is): string
    {
        return 'm.case_id IN (SELECT r.case_id FROM memory_reading r WHERE '.implode(' AND ', [
            $this->in('r.field', $is->fields),
            null === $is->verdict ? 'true' : 'r.verdict = '.$this->value($is->verdict),
            $this->between('r.size', $is->from, $is->to, $is->fromIsOut, $is->toIsOut),
        ]).')';
    }

    private function between(string $column, float|string|null $from, float|string|null $to, bool $fromIsOut, bool $toIsOut): string
    {
        return implode(' AND ', array_filter([
            null === $from ? '' : $column.($fromIsOut ? ' > ' : ' >= ').$this->value($from),
            null === $to ? '' : $column.($toIsOut ? ' < ' : ' <= ').$this->value($to),
        ])) ?: 'true';
    }

    private function keyed(Keyed $is): string
    {
        return match ($is->field) {
            AskField::Origin => 'm.case_id IN (SELECT o.case_id FROM memory_origin o WHERE '.$this->in('o.origin', $is->keys).')',
            AskField::Who => 'm.case_id IN (SELECT o.case_id FROM memory_origin o WHERE '.$this->in('o.who', $is->keys).')',
            AskField::Complaint => 'm.case_id IN (SELECT c.case_id FROM memory_complaint c WHERE '.$this->in('c.what', $is->keys).')',
            AskField::When => 'm.case_id IN (SELECT c.case_id FROM memory_complaint c WHERE c.conditions && ARRAY['
                .implode(', ', array_map($this->value(...), $is->keys)).']::text[])',
            AskField::Claim => \in_array('any', $is->keys, true) ? 'm.claim IS NOT NULL' : $this->in('m.claim', $is->keys),
            AskField::Cure => $this->in("COALESCE(m.cure, 'unknown')", $is->keys).' AND m.out_at IS NOT NULL',
            AskField::Is => implode(' OR ', array_map($this->is(...), $is->keys)),
            AskField::Family => $this->in('m.family', $is->keys),
            AskField::Repair => $this->made('repair', $is->keys),
            default => $this->in(self::column($is->field), $is->keys),
        };
    }

    /** @param list<string> $any in small letters */
    private function made(string $what, array $any, string $when = 'NOT b.had'): string
    {
        return "m.case_id IN (SELECT b.case_id FROM memory_made b WHERE $when AND b.what = '$what' AND "
            .$this->in('lower(b.value)', $any).')';
    }

    private function is(string $key): string
    {
        return match ($key) {
            'open' => "m.waits <> 'out'", 'closed' => "m.waits = 'out'", 'comeback' => 'm.is_comeback', 'withdrawn' => 'm.is_withdrawn',
            'signed' => 'm.signed_at IS NOT NULL',
            default => null === $this->who ? 'false' : 'm.holder_id = '.$this->value((string) $this->who->id),
        };
    }

    private function contains(Contains $is): string
    {
        $lower = array_map(mb_strtolower(...), $is->any);
        $list = match ($is->field) {
            AskField::Batch => 'm.case_id IN (SELECT b.case_id FROM memory_batch b WHERE '.$this->in('lower(b.mark)', $lower).')',
            AskField::Gauge => 'm.case_id IN (SELECT r.case_id FROM memory_reading r WHERE '.$this->in('lower(r.gauge)', $lower).')',
            AskField::Built => $this->made('builder', $lower),
            AskField::BuiltBefore => $this->made('builder', $lower, 'b.had'),
            default => null,
        };
        if (null !== $list) {
            return $list;
        }
        $column = self::column($is->field);
        $ways = [];
        foreach ($is->any as $text) {
            $text = AskField::Serial === $is->field ? CaseFile::serialKey($text) : mb_strtolower($text);
            $ways[] = $is->isWhole
                ? $column.' = '.$this->value($text)
                : $column.' LIKE '.$this->value('%'.addcslashes($text, '%_\\').'%');
        }

        return implode(' OR ', $ways);
    }

    private function written(Written $is): string
    {
        if ([] !== $is->sources) {
            return "m.case_id IN (SELECT t.case_id FROM memory_text t WHERE t.source <> 'all' AND ".$this->in('t.source', $is->sources)
                .' AND '.$this->ways($is).')';
        }
        $key = CaseFile::serialKey($is->ways[0]);

        return self::inAllTexts([$this->ways($is)])
            .(self::isOfAllTexts($is) ? '' : ' OR m.serial_key LIKE '.$this->value('%'.$key.'%'));
    }

    /** Anywhere, and no serial, which may be written with or without its dashes. */
    private static function isOfAllTexts(Written $is): bool
    {
        $key = CaseFile::serialKey($is->ways[0]);

        return [] === $is->sources && (\strlen($key) < 3 || 1 !== preg_match('/\d/', $key));
    }

    /** @param non-empty-list<string> $ways conditions, all of which are to hold */
    private static function inAllTexts(array $ways): string
    {
        return "m.case_id IN (SELECT t.case_id FROM memory_text t WHERE t.source = 'all' AND ".implode(' AND ', $ways).')';
    }

    /** Bent as English bends it, or as letters within a word. */
    private function ways(Written $is): string
    {
        $bent = implode(' || ', array_map(fn (string $way): string => "plainto_tsquery('english', ".$this->value($way).')', $is->ways));
        $typed = mb_strtolower($is->ways[0]);
        $ways = ["t.words @@ ($bent)", 't.body LIKE '.$this->value('%'.addcslashes($typed, '%_\\').'%')];
        if ($this->nearly && 1 === preg_match('/^\p{L}{4,}$/u', $typed)) {
            $ways[] = $this->value($typed).' <% t.body';
        }

        return '('.implode(' OR ', $ways).')';
    }
}
