<?php

declare(strict_types=1);

namespace App\Exchange;

/**
 * A panel of points over time as a picture for paper, without letters: what writes the PDF draws none in a picture. The
 * figures at its edges stand beside it.
 *
 * @phpstan-type Point array{on: string, value: float, lo: float|null, hi: float|null}
 * @phpstan-type Panel array{
 *     key: string, title: string, unit: string, series: list<array{name: string, mark: string, points: list<Point>}>,
 *     norm: float|null, least: float|null, most: float|null
 * }
 */
final class ChartSvg
{
    private const W = 420;

    private const H = 120;

    private const EDGE = 6;

    private const DASHES = ['dot' => '', 'open' => '2 3', 'square' => '6 3'];

    /**
     * @param  Panel  $panel
     * @param  list<array{on: string, kind: string, says: string}>  $events
     * @return array{svg: string, least: float, most: float, from: string, to: string}
     */
    public static function of(array $panel, array $events, string $from, string $to): array
    {
        $points = array_merge(...array_column($panel['series'], 'points'));
        $from = min($from, ...array_column($points, 'on'));
        $values = array_merge(...array_map(
            static fn (array $p): array => [$p['value'], $p['lo'] ?? $p['value'], $p['hi'] ?? $p['value']], $points,
        ));
        $least = $panel['least'] ?? min([$panel['norm'] ?? INF, ...$values]);
        $most = $panel['most'] ?? max([$panel['norm'] ?? -INF, ...$values]);
        $most = $most > $least ? $most : $least + 1;
        $days = max(1.0, (strtotime($to) - strtotime($from)) / 86400);
        $x = static fn (string $on): float => round(
            self::EDGE + (strtotime($on) - strtotime($from)) / 86400 / $days * (self::W - 2 * self::EDGE), 2,
        );
        $y = static fn (float $v): float => round(
            self::H - self::EDGE - ($v - $least) / ($most - $least) * (self::H - 2 * self::EDGE), 2,
        );
        $parts = [];
        foreach ([$least, ($least + $most) / 2, $most] as $line) {
            $parts[] = self::line(self::EDGE, $y($line), self::W - self::EDGE, $y($line), '#cccccc', '');
        }
        foreach ($events as $event) {
            if ($event['on'] >= $from && $event['on'] <= $to && $event['kind'] !== 'dose') {
                $parts[] = self::line(
                    $x($event['on']), self::EDGE, $x($event['on']), self::H - self::EDGE, '#12343b', '1 2',
                );
            }
        }
        if ($panel['norm'] !== null) {
            $parts[] = self::line(
                self::EDGE, $y($panel['norm']), self::W - self::EDGE, $y($panel['norm']), '#12343b', '1 4',
            );
        }
        foreach ($panel['series'] as $series) {
            $parts[] = sprintf(
                '<polyline fill="none" stroke="#12343b" stroke-width="1.2" stroke-dasharray="%s" points="%s"/>',
                self::DASHES[$series['mark']] ?? '', implode(' ', array_map(
                    static fn (array $p): string => $x($p['on']).','.$y($p['value']), $series['points'],
                )),
            );
            foreach ($series['points'] as $point) {
                $parts[] = self::mark($series['mark'], $x($point['on']), $y($point['value']));
            }
        }

        return [
            'svg' => sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d">%3$s</svg>',
                self::W, self::H, implode('', $parts),
            ),
            'least' => round($least, 2), 'most' => round($most, 2), 'from' => $from, 'to' => $to,
        ];
    }

    private static function line(float $x1, float $y1, float $x2, float $y2, string $ink, string $dash): string
    {
        return sprintf(
            '<line x1="%s" y1="%s" x2="%s" y2="%s" stroke="%s" stroke-width="0.8" stroke-dasharray="%s"/>', $x1, $y1,
            $x2,
            $y2, $ink, $dash,
        );
    }

    private static function mark(string $mark, float $x, float $y): string
    {
        return $mark === 'square'
            ? sprintf('<rect x="%s" y="%s" width="5" height="5" fill="#12343b"/>', $x - 2.5, $y - 2.5)
            : sprintf(
                '<circle cx="%s" cy="%s" r="%s" fill="%s" stroke="#12343b"/>', $x, $y, $mark === 'open' ? 3.2 : 2.2,
                $mark === 'open' ? '#ffffff' : '#12343b',
            );
    }
}
