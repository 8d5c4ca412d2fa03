<?php

declare(strict_types=1);

namespace Japhrex\Core\Chain\Inference;

/** Evidence that cannot happen: which findings contradict each other. */
final class Conflict
{
    /** Takes findings away as long as the rest still cannot happen; what is left is the smallest set of this kind. */
    public static function among(Question $question): InferenceError
    {
        $rest = $question;
        foreach (array_keys($question->seen) as $finding) {
            $fewer = $rest->without($finding);
            $rest = self::canHappen($fewer) ? $rest : $fewer;
        }
        $ids = array_map(static fn (int $node): string => $question->network->nodes[$node]->id, array_keys($rest->seen));
        sort($ids);

        return new InferenceError(
            \sprintf(
                'This cannot happen: %s contradict%s. Look again at one of them, or write it as likely instead of certain.',
                implode(', ', array_map(static fn (string $id): string => "“{$id}”", $ids)),
                1 === \count($ids) ? 's what the network says' : ' each other',
            ),
            $ids[0] ?? null,
        );
    }

    private static function canHappen(Question $question): bool
    {
        $nodes = $question->network->ancestors(array_keys($question->seen));
        $tree = Model::tree($question, $nodes);
        $tree = null === $tree ? null : Model::sure($question, $nodes, $tree);

        return null === $tree || -\INF !== $tree->pass(wanted: [])->log;
    }
}
