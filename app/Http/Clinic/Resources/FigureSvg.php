<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

/** A figure of the core as a picture in black and white, for paper that no browser prints. */
final class FigureSvg
{
    private const GAP = 90;

    private const INK = [
        'near' => '#000', 'far' => '#9a9a9a', 'prop' => '#777', 'ground' => '#ccc', 'band' => '#333', 'load' => '#555',
    ];

    private const WIDTH = ['near' => 34, 'far' => 30, 'prop' => 14, 'ground' => 10, 'band' => 12, 'load' => 16];

    /**
     * @param  array<string, mixed>  $figure  as it was drawn: frames of shapes in thousandths of a body height
     */
    public static function uri(array $figure): string
    {
        [$left, $bottom] = [self::number($figure['left'] ?? 0), self::number($figure['bottom'] ?? 0)];
        [$width, $height] = [self::number($figure['width'] ?? 1), self::number($figure['height'] ?? 1)];
        $frames = is_array($figure['frames'] ?? null) ? array_values($figure['frames']) : [];
        $all = $width * count($frames) + self::GAP * max(0, count($frames) - 1);
        $drawn = '';
        foreach ($frames as $i => $shapes) {
            $drawn .= sprintf(
                '<g transform="translate(%s %s) scale(1 -1)" stroke-linecap="round" stroke-linejoin="round">'
                    .'<line x1="%s" x2="%s" y1="-8" y2="-8" stroke="#ccc" stroke-width="10"/>%s</g>',
                $i * ($width + self::GAP) - $left, $height + $bottom, $left, $left + $width,
                implode('', array_map(self::shape(...), is_array($shapes) ? $shapes : [])),
            );
        }

        return 'data:image/svg+xml;base64,'.base64_encode(sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$s %2$s" width="%1$s" height="%2$s">%3$s</svg>',
            $all, $height, $drawn,
        ));
    }

    private static function shape(mixed $shape): string
    {
        if (! is_array($shape)) {
            return '';
        }
        $role = is_string($shape['role'] ?? null) ? $shape['role'] : 'near';
        $points = [];
        foreach (is_array($shape['points'] ?? null) ? $shape['points'] : [] as $point) {
            if (is_array($point)) {
                $points[] = self::number($point[0] ?? 0).','.self::number($point[1] ?? 0);
            }
        }
        $ink = self::INK[$role] ?? '#000';
        [$x, $y] = [...explode(',', $points[0] ?? '0,0'), '0'];

        return match ($shape['kind'] ?? '') {
            'disc' => sprintf(
                '<circle cx="%s" cy="%s" r="%s" fill="%s"/>', $x, $y, self::number($shape['radius'] ?? 0), $ink,
            ),
            'area' => sprintf('<polygon points="%s" fill="%s"/>', implode(' ', $points), $ink),
            default => sprintf(
                '<polyline points="%s" fill="none" stroke="%s" stroke-width="%d"/>', implode(' ', $points), $ink,
                self::WIDTH[$role] ?? 14,
            ),
        };
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? round((float) $value, 1) : 0.0;
    }
}
