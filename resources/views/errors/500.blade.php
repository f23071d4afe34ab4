<x-bare-page title="Something broke on our side"><p>What was kept before is safe; what you just sent was not kept. Try again; if it stays,
    tell whoever looks after this installation.</p></x-bare-page>
