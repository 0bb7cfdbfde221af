<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Editing\Conflict;
use App\Editing\StaleRecord;
use App\Models\Client;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Two tabs changed one kit: what each of them says, thing by thing. */
final class KitConflict
{
    private const KEYS = ['pieces' => 'label', 'carriers' => 'label', 'bands' => 'label'];

    private const LABELS = [
        'pieces' => 'Piece', 'carriers' => 'Carrier', 'bands' => 'Band', 'place' => 'Home', 'aids' => 'Grip aids',
    ];

    public static function answer(StaleRecord $stale, Client $client, Request $request): RedirectResponse
    {
        $now = Client::query()->with(['clinic', 'pieces', 'carriers', 'bands'])->findOrFail($client->id);
        $theirs = self::withoutDrawn(KitResource::form($now));
        $base = $request->input('base');
        $mine = [];
        foreach (array_keys($theirs) as $list) {
            $mine[$list] = $request->input($list);
        }
        $mine = self::withoutDrawn($mine);
        // Nobody went through the rooms on this page: its ticks are those it came with.
        if (is_array($mine['place']) && ($mine['place']['things'] ?? null) === null) {
            $mine['place']['things'] = is_array($base) && is_array($base['place'] ?? null)
                ? $base['place']['things'] ?? []
                : [];
        }

        return Conflict::answer(
            $stale, $now->clinic, $now->kit_version,
            is_array($base) ? self::withoutDrawn(ScreenConflict::named($base)) : $theirs, $mine, $theirs, self::KEYS,
            self::LABELS,
        );
    }

    /**
     * A band's number and curve are made anew with each save; they say nothing of who changed what.
     *
     * @param  array<string, mixed>  $form
     * @return array<string, mixed>
     */
    private static function withoutDrawn(array $form): array
    {
        $bands = is_array($form['bands'] ?? null) ? $form['bands'] : [];
        $form['bands'] = array_values(
            array_map(
                static fn (mixed $b): mixed => is_array($b) ? array_diff_key($b, ['id' => 1, 'curve' => 1]) : $b,
                $bands,
            ),
        );

        return $form;
    }
}
