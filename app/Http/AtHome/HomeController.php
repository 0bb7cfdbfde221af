<?php

declare(strict_types=1);

namespace App\Http\AtHome;

use App\Actions\HomeDoor;
use App\Actions\KeepMessage;
use App\Actions\TakeFromHome;
use App\Exchange\Calendar;
use App\Http\AtHome\Requests\CheckRequest;
use App\Http\AtHome\Requests\PlainHomeRequest;
use App\Http\AtHome\Requests\SessionRequest;
use App\Http\AtHome\Resources\CardResource;
use App\Http\Clinic\Resources\ReadingResource;
use App\Http\Clinic\Resources\SessionResource;
use App\Http\Controller;
use App\Http\Middleware\HomeKey;
use App\Models\HomeDevice;
use App\Models\MessageKind;
use App\Models\Plan;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Units\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** What a client's phone asks for and sends, once the door was opened. */
final class HomeController extends Controller
{
    /** The page itself: today's session in plain HTML, readable before anything else has come. */
    public function show(PlainHomeRequest $request, CardResource $card): View
    {
        return view('home.page', ['card' => (object) $card->of($request->page())]);
    }

    public function card(PlainHomeRequest $request, CardResource $card): JsonResponse
    {
        return response()->json($card->of($request->page()));
    }

    public function session(SessionRequest $request, TakeFromHome $take): JsonResponse
    {
        $log = $take->session(
            $request->client(), $request->integer('plan_id'), $request->string('key')->value(), $request->told(),
            $request->done(),
        );

        return response()->json([
            'kept' => true,
            'plan_changed' => Plan::query()->whereKey($log->plan_id)->value('status') !== Plan::ISSUED,
        ]);
    }

    public function check(CheckRequest $request, TakeFromHome $take): JsonResponse
    {
        $check = $take->check(
            $request->client(), $request->string('key')->value(), Day::of($request->string('on')->value()),
            $request->readings(), $request->signs(), $request->pain(),
        );

        return response()->json(['kept' => true, 'verdict' => $check->verdict]);
    }

    public function morning(PlainHomeRequest $request, TakeFromHome $take): JsonResponse
    {
        $request->validate(['session' => ['required', 'uuid'], 'pain' => ['required', 'integer', 'between:0,10']]);
        $take->morning($request->client(), $request->string('session')->value(), $request->integer('pain'));

        return response()->json(['kept' => true]);
    }

    public function tell(PlainHomeRequest $request, KeepMessage $keep): JsonResponse
    {
        $request->validate([
            'key' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(MessageKind::class)->only(MessageKind::told())],
            'says' => ['required', 'string', 'min:1', 'max:1000'],
        ]);
        $keep->tell(
            $request->client(), null, MessageKind::from($request->string('kind')->value()),
            $request->string('says')->trim()->value(), $request->string('key')->value(),
        );

        return response()->json(['kept' => true]);
    }

    public function pin(PlainHomeRequest $request, HomeDoor $door): JsonResponse
    {
        $request->validate(['pin' => ['required', 'string', 'min:'.HomeDoor::PIN_LENGTH, 'max:40']]);
        $door->choosePin($request->page(), $request->string('pin')->value());

        return response()->json(['kept' => true]);
    }

    public function readings(PlainHomeRequest $request): JsonResponse
    {
        return response()->json(['readings' => ReadingResource::latest($request->client())]);
    }

    public function calendar(
        PlainHomeRequest $request,
        Calendar $calendar,
        SessionResource $session,
        BuildSituation $build,
    ): Response {
        $client = $request->client();
        $plan = $client->plans()->where('status', Plan::ISSUED)->with('items')->first();
        abort_if($plan === null, 404);
        $sessions = $session->sessions($plan, $build->of($client));

        return response($calendar->write($plan, $client, $sessions, $client->clinic->today()))->withHeaders([
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="exercises.ics"',
        ]);
    }

    /** This phone is to know nothing of the page any more. */
    public function forget(Request $request): JsonResponse
    {
        $device = $request->attributes->get(HomeDevice::class);
        if ($device instanceof HomeDevice) {
            $device->delete();
        }

        return response()->json(['kept' => true])->withoutCookie(HomeKey::COOKIE, '/home');
    }
}
