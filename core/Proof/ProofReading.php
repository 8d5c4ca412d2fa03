<?php

declare(strict_types=1);

namespace Japhrex\Core\Proof;

use Japhrex\Core\Family\ProofRead;
use Japhrex\Core\Figure\FigureError;
use Japhrex\Core\Figure\FigureRegistry;
use Japhrex\Core\Measuring\Assessment;
use Japhrex\Core\Measuring\Gauging;
use Japhrex\Core\Measuring\Limits;
use Japhrex\Core\Measuring\LimitVerdict;
use Japhrex\Core\Measuring\ReadingVerdict;
use Japhrex\Core\Measuring\Size;
use Japhrex\Core\Quantity\Dimension;
use Japhrex\Core\Quantity\Quantity;
use Japhrex\Core\Quantity\QuantityError;

/** A value read in the proof, judged with what the stand's gauge does not know. */
final readonly class ProofReading
{
    private function __construct(public LimitVerdict $verdict, public string $says)
    {
    }

    /**
     * @param string $typed the value with its unit; for a curve its points, such as 100 bar@48 L/min; 150 bar@32 L/min
     * @param string $speed where the flow is held against displacement times speed
     * @param Quantity|null $displacement of the unit, where it is known
     * @param array<string, float> $u expanded uncertainty of the stand by channel, SI; one that is not known is left out
     *
     * @throws ProofError naming what cannot be read
     */
    public static function of(
        ProofRead $read,
        string $typed,
        string $speed,
        ?Quantity $displacement,
        array $u,
        FigureRegistry $figures,
    ): self {
        try {
            $limits = $read->limits();
            if (null === $limits) {
                return self::curve($read, $typed, $figures);
            }
            [$assessed, $value] = $read->ofDisplacement
                ? self::share($typed, $speed, $displacement, $limits, $u)
                : self::value($read, $typed, $limits, $u);
        } catch (QuantityError|FigureError $error) {
            throw ProofError::reading($read->what, $error->getMessage());
        }

        return new self($assessed->verdict, \sprintf('%s: %s, %s asked: %s.', $read->what, $value, $read->asks(), match (
            $assessed->verdict
        ) {
            LimitVerdict::Within => 'held',
            LimitVerdict::Outside => 'not held',
            LimitVerdict::Undecided, LimitVerdict::Open => 'too near to tell with this gauge',
        }));
    }

    /**
     * @param array<string, float> $u
     *
     * @return array{Assessment, string}
     */
    private static function value(ProofRead $read, string $typed, Limits $limits, array $u): array
    {
        $value = Quantity::parse($typed, $read->dimension());
        $difference = $value->dimension->difference();
        $expanded = isset($u[$read->channel]) ? Quantity::si($u[$read->channel], $difference) : null;

        return [
            (new ReadingVerdict())->judge([$value], $limits, new Gauging(Gauging::stepOf([$typed], $value->dimension), $expanded)),
            trim($typed),
        ];
    }

    /**
     * @param array<string, float> $u
     *
     * @return array{Assessment, string}
     */
    private static function share(string $typed, string $speed, ?Quantity $displacement, Limits $limits, array $u): array
    {
        if (null === $displacement || $displacement->si <= 0.0) {
            throw ProofError::noDisplacement();
        }
        $flow = Quantity::parse($typed, Dimension::Flow);
        $turns = Quantity::parse($speed, Dimension::Speed);
        if ($turns->si <= 0.0) {
            throw ProofError::noSpeed();
        }
        $share = $flow->si / ($displacement->si * $turns->si);
        $square = 0.0;
        foreach ([[$typed, $flow, 'flow'], [$speed, $turns, 'speed']] as [$text, $one, $channel]) {
            $square += (
                Gauging::stepOf([$text], $one->dimension)->si ** 2 / 12 + (($u[$channel] ?? 0.0) / 2) ** 2
            ) / max($one->si ** 2, 1e-30);
        }

        return [
            (new ReadingVerdict())->judgeSize(new Size($share, $share * sqrt($square)), $limits),
            \sprintf('%s at %s is %.1f %%', trim($typed), trim($speed), 100 * $share),
        ];
    }

    private static function curve(ProofRead $read, string $typed, FigureRegistry $figures): self
    {
        [, $outcome] = $figures->compute('power-curve', $read->curve + ['points' => $typed]);
        $off = [];
        $ratios = [];
        foreach ($outcome->results() as $name => $result) {
            'off' === $name ? $off = $result->value : $ratios[] = \sprintf('%.0f %%', 100 * $result->si()[0]);
        }
        $off = \is_array($off) ? $off : [];

        return new self(
            [] === $off ? LimitVerdict::Within : LimitVerdict::Outside,
            \sprintf(
                '%s: %s of %s, %s asked: %s.',
                $read->what,
                implode(', ', $ratios),
                $read->curve['power'] ?? '',
                $read->asks(),
                [] === $off
                    ? 'held'
                    : 'not held at point '.implode(
                        ' and ',
                        array_map(static fn (mixed $one): string => \is_scalar($one) ? (string) $one : '', $off),
                    ),
            ),
        );
    }
}
