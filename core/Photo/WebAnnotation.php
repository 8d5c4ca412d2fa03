<?php

declare(strict_types=1);

namespace Japhrex\Core\Photo;

use Japhrex\Core\Damage\MarkError;
use Japhrex\Core\Damage\MarkShape;

/**
 * Marks as W3C Web Annotations (JSON-LD, Recommendation of 23 February 2017), written and read: a box as a fragment selector
 * (xywh=percent:…, Media Fragments 1.0), everything else as an SVG selector in pixels of the picture.
 */
final class WebAnnotation
{
    private const CONTEXT = 'http://www.w3.org/ns/anno.jsonld';

    /**
     * @param string $id of the mark
     * @param string $source what it is drawn on, such as `urn:sha256:…`
     * @param list<array{float, float}> $points shares of width and height
     *
     * @return array<string, mixed>
     */
    public static function written(
        string $id,
        string $source,
        MarkShape $shape,
        array $points,
        int $width,
        int $height,
        SaidOfMark $said,
    ): array {
        $pixel = static fn (array $p): string => self::number($p[0] * $width).','.self::number($p[1] * $height);
        $element = match ($shape) {
            MarkShape::Point => vsprintf('<circle cx="%s" cy="%s" r="1"/>', explode(',', $pixel($points[0]))),
            MarkShape::Ellipse => \sprintf(
                '<ellipse cx="%s" cy="%s" rx="%s" ry="%s"/>',
                self::number(($points[0][0] + $points[1][0]) / 2 * $width),
                self::number(($points[0][1] + $points[1][1]) / 2 * $height),
                self::number(abs($points[1][0] - $points[0][0]) / 2 * $width),
                self::number(abs($points[1][1] - $points[0][1]) / 2 * $height),
            ),
            MarkShape::Outline => \sprintf('<polygon points="%s"/>', implode(' ', array_map($pixel, $points))),
            MarkShape::Arrow => \sprintf('<polyline class="arrow" points="%s"/>', implode(' ', array_map($pixel, $points))),
            default => \sprintf('<polyline points="%s"/>', implode(' ', array_map($pixel, $points))),
        };
        [$left, $top] = [min($points[0][0], $points[1][0] ?? 1), min($points[0][1], $points[1][1] ?? 1)];

        return [
            '@context' => self::CONTEXT,
            'id' => 'urn:uuid:'.$id,
            'type' => 'Annotation',
            'motivation' => 'describing',
            'created' => $said->at,
            'creator' => ['type' => 'Person', 'name' => $said->by],
            'body' => array_values(array_filter([
                null === $said->mode ? null : ['type' => 'TextualBody', 'purpose' => 'classifying', 'value' => $said->mode],
                ['type' => 'TextualBody', 'purpose' => 'assessing', 'format' => 'text/plain', 'value' => 'grade '.$said->grade],
                '' === $said->note ? null : [
                    'type' => 'TextualBody',
                    'purpose' => 'describing',
                    'format' => 'text/plain',
                    'value' => $said->note,
                ],
            ])),
            'target' => ['source' => $source, 'selector' => MarkShape::Box === $shape
                ? [
                    'type' => 'FragmentSelector',
                    'conformsTo' => 'http://www.w3.org/TR/media-frags/',
                    'value' => 'xywh=percent:'.implode(
                        ',',
                        array_map(
                            static fn (float $v): string => self::number(100 * $v, 4),
                            [$left, $top, abs($points[1][0] - $points[0][0]), abs($points[1][1] - $points[0][1])],
                        ),
                    ),
                ]
                : [
                    'type' => 'SvgSelector',
                    'value' => \sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d">%s</svg>', $width, $height, $element),
                ]],
        ];
    }

    /**
     * @param array<mixed> $annotation
     *
     * @throws PhotoError naming what cannot be read
     */
    public static function read(array $annotation, int $width, int $height): ReadMark
    {
        $target = \is_array($annotation['target'] ?? null) ? $annotation['target'] : [];
        $selector = \is_array($target['selector'] ?? null) ? $target['selector'] : [];
        $value = \is_string($selector['value'] ?? null) ? $selector['value'] : '';
        [$shape, $points] = match ($selector['type'] ?? null) {
            'FragmentSelector' => [MarkShape::Box, self::fragment($value, $width, $height)],
            'SvgSelector' => self::svg($value, $width, $height),
            default => throw new PhotoError('An annotation has a target with a FragmentSelector or an SvgSelector.'),
        };
        $said = ['classifying' => '', 'assessing' => '', 'describing' => ''];
        $bodies = $annotation['body'] ?? [];
        foreach (\is_array($bodies) ? (array_is_list($bodies) ? $bodies : [$bodies]) : [] as $body) {
            if (\is_array($body) && \is_string($body['value'] ?? null)) {
                $said[\is_string($body['purpose'] ?? null) ? $body['purpose'] : 'describing'] = $body['value'];
            }
        }
        $grade = 1 === preg_match('/^grade ([0-4])$/', $said['assessing'], $m) ? (int) $m[1] : 0;
        try {
            return new ReadMark(
                $shape,
                $shape->points($points),
                '' === $said['classifying'] ? null : $said['classifying'],
                $grade,
                $said['describing'],
            );
        } catch (MarkError $error) {
            throw new PhotoError($error->getMessage(), 0, $error);
        }
    }

    /** @return list<array{float, float}> */
    private static function fragment(string $value, int $width, int $height): array
    {
        if (1 !== preg_match('/^xywh=(percent:|pixel:)?([\d.]+),([\d.]+),([\d.]+),([\d.]+)$/', $value, $m)) {
            throw new PhotoError(\sprintf('"%s" is no box; expected xywh=percent:left,top,width,height.', $value));
        }
        [$x, $y, $w, $h] = 'percent:' === $m[1]
            ? array_map(static fn (string $v): float => (float) $v / 100, \array_slice($m, 2))
            : [(float) $m[2] / $width, (float) $m[3] / $height, (float) $m[4] / $width, (float) $m[5] / $height];

        return [[$x, $y], [min(1.0, $x + $w), min(1.0, $y + $h)]];
    }

    /** @return array{MarkShape, list<array{float, float}>} */
    private static function svg(string $svg, int $width, int $height): array
    {
        if (1 !== preg_match('/<(circle|ellipse|polygon|polyline|line|rect)\b([^>]*)>/', $svg, $m)) {
            throw new PhotoError('The SVG selector holds no circle, ellipse, polygon, polyline, line or rect.');
        }
        if (1 === preg_match('/viewBox="0 0 ([\d.]+) ([\d.]+)"/', $svg, $box) && (float) $box[1] > 0 && (float) $box[2] > 0) {
            [$width, $height] = [(float) $box[1], (float) $box[2]];
        }
        preg_match_all('/([a-z0-9-]+)="([^"]*)"/i', $m[2], $found, \PREG_SET_ORDER);
        $has = array_column($found, 2, 1);
        $n = static fn (string $key): float => (float) ($has[$key] ?? 0);
        $share = static fn (float $x, float $y): array => [$x / $width, $y / $height];
        $listed = static function () use ($has, $share): array {
            preg_match_all('/(-?[\d.]+)[ ,]+(-?[\d.]+)/', $has['points'] ?? '', $pairs, \PREG_SET_ORDER);

            return array_map(static fn (array $pair): array => $share((float) $pair[1], (float) $pair[2]), $pairs);
        };
        $arrow = 'arrow' === ($has['class'] ?? '');

        return match ($m[1]) {
            'circle' => $n('r') <= 1
                ? [MarkShape::Point, [$share($n('cx'), $n('cy'))]]
                : [MarkShape::Ellipse, [$share($n('cx') - $n('r'), $n('cy') - $n('r')), $share($n('cx') + $n('r'), $n('cy') + $n('r'))]],
            'ellipse' => [
                MarkShape::Ellipse,
                [$share($n('cx') - $n('rx'), $n('cy') - $n('ry')), $share($n('cx') + $n('rx'), $n('cy') + $n('ry'))],
            ],
            'rect' => [MarkShape::Box, [$share($n('x'), $n('y')), $share($n('x') + $n('width'), $n('y') + $n('height'))]],
            'polygon' => [MarkShape::Outline, $listed()],
            'line' => [$arrow ? MarkShape::Arrow : MarkShape::Line, [$share($n('x1'), $n('y1')), $share($n('x2'), $n('y2'))]],
            default => [$arrow ? MarkShape::Arrow : (2 === \count($listed()) ? MarkShape::Line : MarkShape::Stroke), $listed()],
        };
    }

    private static function number(float $value, int $digits = 2): string
    {
        return rtrim(rtrim(number_format($value, $digits, '.', ''), '0'), '.') ?: '0';
    }
}
