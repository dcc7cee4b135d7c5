<?php

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Role;
use App\Models\User;
use App\People\Links;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Who may come in: the coordinator invites, gives roles, sends a new link, and shuts somebody out. */
class PeopleController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        self::mayRule($request);
        /** @var Collection<int, User> $people */
        $people = User::query()->orderBy('name')->get();

        return new JsonResponse(['people' => $people->map(self::told(...))->values()]);
    }

    public function store(Request $request): JsonResponse
    {
        self::mayRule($request);
        $email = $request->input('email');
        // The same address however it is written; what is no text is left for the rules to refuse.
        $request->merge(['email' => is_string($email) ? User::address($email) : $email]);
        $given = $request->validate([
            'name' => 'required|string|max:120',
            'email' => 'required|string|email|max:255|unique:users,email',
        ] + self::roleRules());
        $user = new User($given + ['password' => '']);
        $link = Links::for($user);

        return new JsonResponse(['person' => self::told($user), 'link' => $link], 201);
    }

    /** A new link: for an invitation that ran out, or for a password that was forgotten. It ends all his sessions. */
    public function link(Request $request, User $person): JsonResponse
    {
        self::mayRule($request);
        if ($person->disabled_at !== null) {
            throw new Problem(409, 'He is shut out', "Let $person->name in again first, then send him a link.");
        }

        return new JsonResponse(['person' => self::told($person), 'link' => Links::for($person)]);
    }

    public function update(Request $request, User $person): JsonResponse
    {
        self::mayRule($request);
        $rules = ['disabled' => 'sometimes|boolean'] + ($request->has('role') ? self::roleRules() : []);
        $given = $request->validate($rules);
        $loses = ($given['disabled'] ?? false) === true ||
            (isset($given['role']) && $given['role'] !== Role::Coordinator->value);
        if ($loses && self::isTheLastCoordinator($person)) {
            throw new Problem(
                409,
                'Somebody has to be coordinator',
                "$person->name is the only coordinator. Make another one first.",
            );
        }
        if (isset($given['disabled'])) {
            $person->forceFill($given['disabled']
                ? ['disabled_at' => now(), 'sessions' => $person->sessions + 1, 'link_hash' => null]
                : ['disabled_at' => null]);
        }
        $person->fill(array_diff_key($given, ['disabled' => true]))->save();

        return new JsonResponse(self::told($person));
    }

    private static function mayRule(Request $request): void
    {
        if ($request->user()?->role !== Role::Coordinator) {
            throw new Problem(403, 'This is the coordinator\'s', 'Ask your coordinator to do it.');
        }
    }

    /** @return array<string, mixed> */
    private static function roleRules(): array
    {
        return [
            'role' => ['required', Rule::enum(Role::class)],
            'player_id' => ['nullable', 'string', 'required_if:role,'.Role::Player->value, 'exists:players,id'],
        ];
    }

    private static function isTheLastCoordinator(User $person): bool
    {
        return $person->role === Role::Coordinator && User::query()
            ->where('role', Role::Coordinator)
            ->whereNull('disabled_at')
            ->where('id', '!=', $person->id)
            ->doesntExist();
    }

    /** @return array<string, mixed> */
    private static function told(User $user): array
    {
        return [
            'id' => $user->id,
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role->value,
            'playerId' => $user->player_id,
            'state' => match (true) {
                $user->disabled_at !== null => 'shut out',
                $user->link_hash === null => 'in',
                $user->link_until?->isFuture() === true => 'has a link',
                default => 'link ran out',
            },
            'signedInAt' => $user->signed_in_at?->toIso8601String(),
        ];
    }
}
