<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string $id
 * @property string $name
 * @property Role $role
 * @property string $email
 * @property string $password
 * @property string|null $player_id
 * @property string|null $link_hash
 * @property \Illuminate\Support\Carbon|null $link_until
 * @property \Illuminate\Support\Carbon|null $disabled_at
 * @property \Illuminate\Support\Carbon|null $signed_in_at
 * @property int $sessions  how often all his sessions were ended
 * @property-read Player|null $player
 */
class User extends Authenticatable
{
    use HasUlids;

    protected $fillable = ['name', 'email', 'password', 'role', 'player_id'];

    protected $hidden = ['password', 'remember_token', 'link_hash'];

    protected $attributes = ['sessions' => 0];

    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'role' => Role::class,
            'link_until' => 'datetime',
            'disabled_at' => 'datetime',
            'signed_in_at' => 'datetime',
        ];
    }

    /** An address as it is kept and compared. */
    public static function address(string $said): string
    {
        return mb_strtolower(trim($said));
    }

    /** @return BelongsTo<Player, $this> */
    public function player(): BelongsTo
    {
        return $this->belongsTo(Player::class);
    }
}
