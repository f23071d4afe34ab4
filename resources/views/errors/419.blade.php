<x-bare-page title="This page was open for too long"><p>For safety a page can be sent from for a few hours only. Nothing was kept. If you
    are still signed in, send it again from here; else sign in first, in another tab.</p></x-bare-page>
