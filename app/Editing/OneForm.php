<?php

declare(strict_types=1);

namespace App\Editing;

use App\Actions\Refusal;
use App\Models\FormPost;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;

/** A form sent twice is one: a double click, a retry after a lost answer, a reload. */
final class OneForm
{
    /**
     * @param  string  $form  which form; a key counts within it
     * @param  string  $key  made once where the form was opened
     * @param  array<array-key, mixed>  $content
     * @param  Closure(): int  $make  does the work and returns the id of what it made
     * @return int the id of what was made, now or the first time
     */
    public function run(User $by, string $form, string $key, array $content, Closure $make): int
    {
        $hash = self::hash($content);

        return DB::transaction(static function () use ($by, $form, $key, $hash, $make): int {
            // Of two at once the second waits here until the first is kept, or is gone.
            $post = FormPost::query()->createOrFirst(
                ['clinic_id' => $by->clinic_id, 'form' => $form, 'form_key' => $key],
                ['user_id' => $by->id, 'content_hash' => $hash],
            );
            if ($post->wasRecentlyCreated) {
                $id = $make();
                $post->update(['result_id' => $id]);

                return $id;
            }
            if (! hash_equals($post->content_hash, $hash) || $post->result_id === null) {
                throw Refusal::at(
                    'key', 'This form was saved before with other values. Open what was saved and change it there.',
                );
            }

            return $post->result_id;
        });
    }

    /**
     * The same for the same content, whatever the order of its fields.
     *
     * @param  array<array-key, mixed>  $content
     */
    public static function hash(array $content): string
    {
        return hash('sha256', json_encode(self::sorted($content), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function sorted(array $values): array
    {
        if (! array_is_list($values)) {
            ksort($values);
        }

        return array_map(static fn (mixed $v): mixed => is_array($v) ? self::sorted($v) : $v, $values);
    }
}
