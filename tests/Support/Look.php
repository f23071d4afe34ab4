<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Filesystem\Filesystem;

use function in_array;
use function is_numeric;

/** Looks at views of the demo, which is laid out, each opened once: bright and dark, wide, narrow and on a telephone; by pointer and by keys. */
final class Look
{
    /** Words in drawings are read at arm's length: what is drawn below 12 px is named, with its size. */
    private const SMALL_TYPE = <<<'JS'
        const size = (text) => parseFloat(getComputedStyle(text).fontSize) * Math.hypot(text.getScreenCTM()?.a ?? 1, text.getScreenCTM()?.b ?? 0);
        return [...document.querySelectorAll('svg text')].filter((text) => size(text) < 11.95)
            .map((text) => `${size(text).toFixed(1)} px: ${text.textContent.trim()}`);
        JS;

    private const TOO_WIDE = <<<'JS'
        const root = document.documentElement, edge = (e) => e.getBoundingClientRect().right;
        const spilt = [...document.querySelectorAll('.panel table')].filter((e) => edge(e) > edge(e.closest('.panel')) + 1
            && !e.parentElement.matches('[class*=scroll]'));
        const raw = /@(if|else|endif|foreach|endforeach|php|verdict)\b/.exec(document.body.innerText);
        return [...(root.scrollWidth > root.clientWidth || spilt.length > 0 ? ['wider than the window or its panel'] : []), ...(raw ? [`says ${raw[0]}`] : [])];
        JS;

    /** On a telephone nothing scrolls sideways, a job's head leaves room for the work, and every target is as large as a thumb. */
    private const FOR_A_THUMB = <<<'JS'
        const root = document.documentElement, head = document.querySelector('.job-head')?.getBoundingClientRect().height ?? 0;
        const targets = 'button, .btn, select, summary, label.pick, label.btn, input:not([type=hidden], [type=checkbox], [type=radio], [type=range])';
        const isThere = (e) => e.getClientRects().length > 0 && !e.closest('.visually-hidden') && !(e.tagName === 'BUTTON' && e.tabIndex < 0);
        const small = [...document.querySelectorAll('main')].flatMap((main) => [...main.querySelectorAll(targets)]).filter((e) => isThere(e)
            && e.getBoundingClientRect().height < 43.5);
        return [
            ...(root.scrollWidth > root.clientWidth ? ['scrolls sideways'] : []), ...(head > 120 ? [`a head of ${head} px`] : []),
            ...small.map((e) => `${Math.round(e.getBoundingClientRect().height)} px: ${(e.textContent || e.name).trim().slice(0, 40)}`),
        ];
        JS;

    /** What can be pressed, chosen or typed in, and that a hand or a key may want. */
    private const CONTROLS = <<<'JS'
        const named = (e) => `${e.tagName.toLowerCase()} ${(e.getAttribute('aria-label') || e.textContent || e.name || e.id || '').trim().replace(/\s+/g, ' ').slice(0, 50)}`;
        const controls = [...document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary')]
            .filter((e) => !e.matches(':disabled')
            && e.checkVisibility({visibilityProperty: true, opacityProperty: true}) && e.getClientRects().length > 0
                && e.closest('[aria-hidden=true]') === null && !e.matches('button[tabindex="-1"]'));
        JS;

    /**
     * With the pointer: scrolled to, nothing else lies over it. What stands over every page is looked at once; the way past it lies
     * over it while it has the focus.
     */
    private const OUT_OF_REACH = self::CONTROLS.<<<'JS'
        document.querySelector('.skip:focus')?.blur();
        const isHit = (e, hit) => hit !== null && (e.contains(hit) || hit.contains(e) || hit.closest('label')?.control === e);
        // What is drawn has gaps: there any point of it counts, elsewhere the middle.
        const points = (e) => e instanceof SVGElement ? [...Array(81)].map((_, i) => [(i % 9 + .5) / 9, (Math.floor(i / 9) + .5) / 9]) : [[.5, .5]];
        const isUnder = (e) => [...e.getClientRects()].every((box) => points(e)
            .every(([x, y]) => !isHit(e, document.elementFromPoint(box.left + box.width * x, box.top + box.height * y))));
        const isSeen = (e) => { const box = e.getBoundingClientRect(); return box.top >= 0 && box.bottom <= innerHeight && box.left >= 0
            && box.right <= innerWidth; };
        const wanted = controls.filter((e) => !e.closest('.visually-hidden, .skip') && (arguments[0] || e.closest('main') !== null));
        return wanted.filter((e) => {
            if (isSeen(e) && !isUnder(e)) return false;
            e.scrollIntoView({block: 'center', inline: 'center', behavior: 'instant'});
            return isUnder(e);
        }).map(named);
        JS;

    /**
     * Notes what gets the focus from here on, and when the first of them gets it again, or what comes after the work; says how many
     * keys that takes at the most. What stands over every page is gone through once, elsewhere the hand begins at the work.
     */
    private const NOTE_FOCUS = self::CONTROLS.<<<'JS'
        const work = document.querySelector('main'), isFromTheTop = arguments[0] || work === null;
        window.met = new Set();
        window.isRound = false;
        addEventListener('focusin', (event) => { window.isRound ||= window.met.size > 1 && (event.target === [...window.met][0]
            || !isFromTheTop && !work.contains(event.target)); window.met.add(event.target); });
        document.activeElement?.blur();
        if (!isFromTheTop) { work.tabIndex = -1; work.focus(); work.removeAttribute('tabindex'); window.met.clear(); }
        const parts = document.querySelectorAll('input[type=date], input[type=time], input[type=file]').length * 4;
        return document.querySelectorAll('a[href], button, input:not([type=hidden]), select, textarea, summary, [tabindex="0"]').length + parts + 8;
        JS;

    /** Of several to choose from by one name the Tab key meets one, and the arrow keys the others. */
    private const NOT_MET = self::CONTROLS.<<<'JS'
        const isFromTheTop = arguments[0] || document.querySelector('main') === null;
        const isMet = (e) => window.met.has(e) || (e.type === 'radio' && [...window.met].some((one) => one.type === 'radio'
            && one.name === e.name && one.form === e.form));
        return controls.filter((e) => (isFromTheTop || e.closest('main') !== null) && !isMet(e)).map(named);
        JS;

    /** What is never seen on a telephone, or is many things side by side and says so. */
    private const NEVER_ON_A_TELEPHONE = ['/mounts', '/family'];

    private const KEYS_IN_ONE_GO = 25;

    /** @var array<string, true> of which kinds a page was seen */
    private array $kinds = [];

    private function __construct(private readonly Site $site) {}

    /**
     * @param  list<string>  $views
     * @return array<string, list<mixed>> what is wrong, by how it was looked at and the view
     */
    public static function at(array $views): array
    {
        $site = Site::open();
        $site->chrome->inEveryPage((new Filesystem)->get(base_path('node_modules/axe-core/axe.min.js')));
        $site->signIn('maren@tollgate.example', 'bench-demo');
        $look = new self($site);
        $found = [];
        foreach ($views as $view) {
            $found = [...$found, ...$look->view($view)];
        }
        $errors = array_values(array_filter($site->consoleErrors(), fn (string $line) => ! str_contains($line, '/jobs/999999/')));

        return array_filter([...$found, 'errors' => $errors, 'strangers' => $site->strangeRequests()]);
    }

    /** @return array<string, list<mixed>> */
    private function view(string $view): array
    {
        $isWithWhatStandsAround = $this->isFirstOfItsKind($view);
        $isPaper = str_ends_with($view, '/print');
        $isOnTelephones = ! $isPaper && ! in_array($view, self::NEVER_ON_A_TELEPHONE, true);
        $this->site->chrome->size(1280, 800);
        $this->site->visit($view);
        $found = ["by keys {$view}" => $this->notMetByKeys($isWithWhatStandsAround)];
        $found["bright {$view}"] = [
            ...$this->site->seriousFaults(), ...$this->found(self::TOO_WIDE),
            ...($isPaper || $view === '/mounts' ? [] : $this->found(self::SMALL_TYPE)),
        ];
        $found["by pointer, wide {$view}"] = $this->found(self::OUT_OF_REACH, $isWithWhatStandsAround);

        $this->site->chrome->size(800, 1000);
        $this->site->driver()->executeScript('document.documentElement.dataset.bsTheme = "dark"');
        $found["dark {$view}"] = [...$this->site->seriousFaultsOfItsLook(), ...$this->found(self::TOO_WIDE)];
        $found["by pointer, narrow {$view}"] = $this->found(self::OUT_OF_REACH, $isWithWhatStandsAround);

        $this->site->chrome->size(390, 844);
        $found["on a telephone {$view}"] = $isOnTelephones ? $this->found(self::FOR_A_THUMB) : [];
        $found["by pointer, on a telephone {$view}"] = $this->found(self::OUT_OF_REACH, $isWithWhatStandsAround);

        return $found;
    }

    /** What stands over every page is the same over all of the workshop, and over all of the jobs. */
    private function isFirstOfItsKind(string $view): bool
    {
        $kind = preg_match('#^/jobs/\d#', $view) === 1 ? 'job' : 'workshop';
        $isFirst = ! isset($this->kinds[$kind]);
        $this->kinds[$kind] = true;

        return $isFirst;
    }

    /** @return list<mixed> */
    private function notMetByKeys(bool $isWithWhatStandsAround): array
    {
        $most = $this->site->driver()->executeScript(self::NOTE_FOCUS, [$isWithWhatStandsAround]);
        for ($left = is_numeric($most) ? (int) $most : 0; $left > 0 && $this->site->driver()->executeScript('return window.isRound') !== true; $left -= self::KEYS_IN_ONE_GO) {
            $this->site->chrome->tabs(self::KEYS_IN_ONE_GO);
        }

        return $this->found(self::NOT_MET, $isWithWhatStandsAround);
    }

    /** @return list<mixed> */
    private function found(string $script, bool $isWithWhatStandsAround = false): array
    {
        return array_values((array) $this->site->driver()->executeScript($script, [$isWithWhatStandsAround]));
    }
}
