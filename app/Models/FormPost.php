<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $clinic_id
 * @property string $form
 * @property string $form_key
 * @property string $content_hash
 * @property int|null $result_id
 */
final class FormPost extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['result_id' => 'integer'];
    }
}
