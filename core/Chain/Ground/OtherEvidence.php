<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Ground;

use Japhrex\Core\Chain\Mechanism\Vocabulary;

/** What a case says beside what was seen and read: circumstances, what was told, where wear lies, what a figure or a test has settled. */
final class OtherEvidence
{
    /**
     * @param array<string, Spot> $spots
     *
     * @return list<Evidence> several may speak of one condition
     */
    public static function evidence(Facts $facts, array $spots, Vocabulary $vocabulary): array
    {
        $weights = $vocabulary->weights;
        $more = Circumstances::evidence($facts, $weights);
        foreach ($facts->told as $told) {
            array_push($more, ...$told->evidence($vocabulary));
        }
        $lies = [];
        foreach ($facts->looks as $look) {
            foreach ($look->lies($spots, $vocabulary) as $evidence) {
                // Two bushes that are worn on one side are one news.
                $lies[$evidence->spot.$evidence->said] = $evidence;
            }
        }
        if ($facts->comeback) {
            $more[] = new Evidence('origin:leftover-debris', $weights->first, 1.0, 'it comes back to us');
        }
        foreach ($facts->settled as $id => [$for, $said]) {
            $more[] = new Evidence($id, $for ? $weights->settled : 1.0, $for ? 1.0 : $weights->settled, $said);
        }

        return [...$more, ...array_values($lies)];
    }
}
