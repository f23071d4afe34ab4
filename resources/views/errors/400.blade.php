<x-bare-page title="That cannot be read"><p>The address or what was sent with it is none of ours.</p></x-bare-page>
