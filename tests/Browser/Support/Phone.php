<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use App\Models\Client;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use RuntimeException;

/** A client's phone: small, with clocks that run fast for a session in seconds, and a thumb that finds the key. */
final class Phone
{
    public readonly Chrome $chrome;

    /** @var array<string, list<string>> what axe found, by the state of the page */
    private array $states = [];

    public function __construct(string $base, int $width = 390, int $height = 844, string $script = '')
    {
        $this->chrome = new Chrome($base, $width, $height);
        $this->tools('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<JS
            const real = performance.now.bind(performance);
            performance.now = () => real() * 12;
            window.announced = [];
            new MutationObserver((all) => all.forEach(({ target }) => {
                const place = (target.nodeType === 3 ? target.parentElement : target)?.closest?.('[aria-live=polite]');
                if (place && place.textContent !== '') {
                    window.announced.push(place.textContent);
                }
            })).observe(document, { subtree: true, childList: true, characterData: true });
            $script
            JS]);
    }

    /** @param  array<string, mixed>  $with */
    public function tools(string $command, array $with): void
    {
        (new ChromeDevToolsDriver($this->chrome->driver))->execute($command, $with);
    }

    public function enter(Client $client): self
    {
        $page = Demo::page($client);
        $this->chrome->visit('/home/door/'.$page->code)
            ->fill('Your PIN', substr($client->birth_date, 0, 4).$page->letters)->press('Open')
            ->see('Hello, '.$client->given_name)->see('Your last seven days');

        return $this;
    }

    /** The questions before a session, all of them well. */
    public function checkWell(): self
    {
        $this->chrome->press('Start')->see('Have you any of these now?');
        $this->look('signs');
        $this->chrome->press('No, none of these');
        for ($i = 0; $i < 12; $i++) {
            $title = $this->title();
            $this->look('check');
            match (true) {
                str_contains($title, 'Is it whole') => $this->chrome->press('Yes'),
                str_contains($title, 'hurt now') => $this->chrome->press('0'),
                str_contains($title, 'Measure') => $this->measure(),
                str_contains($title, 'You can start') => null,
                default => $this->chrome->press('No'),
            };
            if (str_contains($title, 'You can start')) {
                break;
            }
            $this->chrome->until(fn (): bool => $this->title() !== $title, 'the next question');
        }
        $this->look('verdict');
        $this->chrome->press('Start')->see('1 of');

        return $this;
    }

    private function measure(): void
    {
        foreach ([
            'upper number' => '124', 'lower number' => '76', 'Pulse' => '70', 'Oxygen' => '97', 'Glucose' => '7',
            'Weight' => '70', 'Temperature' => '36.6',
        ] as $label => $value) {
            if (str_contains($this->chrome->text(), $label)) {
                $this->chrome->fill($label, $value);
            }
        }
        $this->chrome->press('Next');
    }

    /** One press of the big key, wherever the session is; false once it is over. */
    public function stepOn(): bool
    {
        $text = $this->chrome->text();
        if (str_contains($text, 'How was it all in all?')) {
            return false;
        }
        $before = $this->title().$text;
        $state = match (true) {
            str_contains($text, 'How hard was it?') => 'rest with a question',
            str_contains($text, 'I am ready') => 'rest',
            str_contains($text, 'I have done it') => 'pacer',
            str_contains($text, 'That was it') => 'clock',
            str_contains($text, 'Begin') => 'ready',
            default => 'other',
        };
        $this->look($state);
        if ($state === 'rest with a question') {
            $this->press(
                'button[aria-pressed]:nth-child(2)', 'an answer', static fn (): bool => true,
            );
        }
        $this->press('main button.home-main', 'the big key', static fn (): bool => true);
        $this->chrome->until(
            fn (): bool => $this->title().$this->chrome->text() !== $before, 'something after the big key',
        );

        return true;
    }

    /** @param  callable(): bool  $when */
    private function press(string $selector, string $what, callable $when): void
    {
        // Between the look and the press the page may have gone on by itself, as it is to.
        $this->chrome->driver->executeScript(
            'document.querySelector(arguments[0])?.click()', [$selector],
        );
    }

    public function title(): string
    {
        $title = $this->chrome->ask('document.querySelector("h1")?.innerText ?? ""');

        return is_string($title) ? $title : '';
    }

    /** How the page stands in a state not seen before: keys large enough, nothing beside the edge, axe content. */
    public function look(string $state): void
    {
        if (isset($this->states[$state])) {
            return;
        }
        $found = $this->chrome->driver->executeScript(<<<'JS'
            const small = [...document.querySelectorAll('button, a[href], input, textarea, summary')]
                .filter((e) => e.getClientRects().length > 0)
                .map((e) => [e.innerText || e.ariaLabel || e.tagName, e.getBoundingClientRect()])
                .filter(([, r]) => r.height < 56 || r.width < 56)
                .map(([name, r]) => `${name}: ${Math.round(r.width)} by ${Math.round(r.height)}`);
            const wide = document.documentElement.scrollWidth - document.documentElement.clientWidth;
            const mains = document.querySelectorAll('main').length;
            const heads = document.querySelectorAll('h1').length;
            return [...small, ...(wide > 0 ? [`${wide} px beside the edge`] : []),
                ...(mains !== 1 || heads !== 1 ? [`${mains} main, ${heads} h1`] : [])];
            JS);
        $wrong = array_values(array_filter(is_array($found) ? $found : ['no answer'], is_string(...)));
        $this->states[$state] = [...$wrong, ...$this->chrome->axe()];
    }

    /** @return array<string, list<string>> the states that were seen, each with what is wrong with it */
    public function wrong(): array
    {
        return array_filter($this->states, static fn (array $found): bool => $found !== []);
    }

    /** @return list<string> */
    public function seen(): array
    {
        return array_keys($this->states);
    }

    public function close(): void
    {
        $this->chrome->close();
    }

    /** To the end of the session, one press after the other. */
    public function toTheEnd(int $most = 120): self
    {
        for ($i = 0; $i < $most; $i++) {
            if (! $this->stepOn()) {
                return $this;
            }
        }
        throw new RuntimeException('The session does not end: '.$this->title());
    }
}
