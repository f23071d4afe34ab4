/*
 * What could not be sent stays where it was typed. A plain sentence says what is wrong and that nothing was kept; sending
 * again is pressing the same button again.
 */

const AWAY = 'The workshop’s server does not answer. Nothing was kept; what you typed is still here. Send it again when it is back.';
const LOOKED = 'The workshop’s server does not answer. This page stays as it was; try again in a moment.';
const WORDS = {
    403: 'That is not yours to do. Nothing was kept.',
    404: 'What this was sent to is no longer there. Nothing was kept; what you typed is still here.',
    413: 'That is too large. Nothing was kept: choose a smaller file.',
    419: 'This page had been open for too long. Nothing was kept; what you typed is still here.',
    429: 'That was too often in a short time. Nothing was kept; wait a minute, then send it again.',
    503: 'The workshop’s records cannot be reached just now. Nothing was kept; what you typed is still here. Send it again in a moment.',
};
const BROKEN = 'Something broke on our side. Nothing was kept; what you typed is still here. Send it again; if it stays, tell whoever looks after this installation.';

const isLook = (detail) => (detail.requestConfig?.verb ?? 'get') === 'get';
const POLLS = ['news', 'live'];
const isPoll = (detail) => POLLS.includes(detail.requestConfig?.elt?.id);
/* What was asked for in the background is shown only where it came from there: not the sign-in page in its place. */
const isElsewhere = ({ xhr, requestConfig }) => new URL(xhr.responseURL).pathname !== new URL(requestConfig.path, location).pathname;

function tell(words, link = null) {
    const bar = document.getElementById('sending');
    if (bar === null) {
        return;
    }
    bar.textContent = words;
    if (link !== null) {
        const anchor = document.createElement('a');
        Object.assign(anchor, { href: link.href, textContent: link.words, target: '_blank', rel: 'noopener' });
        bar.append(' ', anchor);
    }
    bar.hidden = false;
}

function quiet() {
    const bar = document.getElementById('sending');
    if (bar !== null) {
        bar.hidden = true;
    }
}

/* A page that was open for too long gets a fresh token, as long as the person is still signed in somewhere in this browser. */
async function renew() {
    const answer = await fetch('/token', { headers: { Accept: 'application/json' }, cache: 'no-store' }).catch(() => null);
    if (answer?.status === 200) {
        const { token } = await answer.json();
        document.querySelectorAll('input[name="_token"]').forEach((field) => {
            field.value = token;
        });
        tell(`${WORDS[419]} It is ready again: send it once more.`);
    } else {
        tell(`${WORDS[419]} You are signed out:`, { href: '/sign-in', words: 'sign in in another tab, then send it again here.' });
    }
}

document.addEventListener('htmx:beforeRequest', (event) => {
    if (!isPoll(event.detail)) {
        quiet();
    }
});

document.addEventListener('htmx:beforeSwap', (event) => {
    const { status } = event.detail.xhr;
    if (isPoll(event.detail) && status < 400 && isElsewhere(event.detail)) {
        event.detail.shouldSwap = false;
        return;
    }
    const isPage = isLook(event.detail) && status < 500 && status !== 419 && status !== 429;
    if (status < 400 || isPage) {
        return;
    }
    event.detail.shouldSwap = false;
    if (isPoll(event.detail)) {
        return;
    }
    status === 419 ? renew() : tell(isLook(event.detail) && status >= 500 ? LOOKED : WORDS[status] ?? BROKEN);
});

for (const lost of ['htmx:sendError', 'htmx:timeout']) {
    document.addEventListener(lost, (event) => {
        if (!isPoll(event.detail)) {
            tell(isLook(event.detail) ? LOOKED : AWAY);
        }
    });
}
