<?php

declare(strict_types=1);

namespace Japhrex\Core\Repair\Build;

/**
 * Parts that went in: which way round, with what they ran, and how many.
 *
 * @phpstan-import-type Said from BuildAnswer
 */
final class FitAnswer
{
    /**
     * @param Said $typed
     * @param bool $photo is there a picture of it?
     *
     * @throws BuildError saying what is missing
     */
    public static function of(BuildStep $step, array $typed, bool $photo): BuildAnswer
    {
        $purposes = BuildAnswer::purposes($typed);
        foreach ($step->facings as $facing) {
            if (!\in_array($facing->part, $typed['facings'] ?? [], true) && !isset($purposes[$facing->part])) {
                throw BuildError::facing($facing->right);
            }
        }
        foreach ($step->mates as $i => $mate) {
            if (!\in_array((string) $i, $typed['mates'] ?? [], true)) {
                throw BuildError::pair($mate);
            }
        }
        foreach ($step->counts as $count) {
            $in = trim($typed['counts'][$count->what] ?? '');
            if (1 !== preg_match('/^\d{1,4}$/', $in)) {
                throw BuildError::count($count->what, $count->count);
            }
            if ((int) $in !== $count->count) {
                return BuildAnswer::stopped([
                    \sprintf(
                        '%d %s are in, %d came out. Find the difference before anything covers it.',
                        (int) $in,
                        $count->what,
                        $count->count,
                    ),
                ]);
            }
        }
        if ($step->asksForAPhoto() && !$photo) {
            throw BuildError::noPicture();
        }

        return BuildAnswer::done(
            array_values(array_map(static fn (string $why): string => 'The other way round, on purpose: '.$why, $purposes)),
        );
    }
}
