<x-bare-page title="Too many tries"><p>Wait a minute, then try again. Nothing was kept.</p></x-bare-page>
