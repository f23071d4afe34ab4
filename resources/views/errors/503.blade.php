<x-bare-page title="Back in a moment"><p>The workshop’s records cannot be reached just now. What was kept before is safe; what you just sent was not kept. Try again in a moment.</p></x-bare-page>
