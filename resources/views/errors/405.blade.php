<x-bare-page title="That cannot be done here"><p>The page it was sent from may be of an earlier version: open it anew.</p></x-bare-page>
