<x-bare-page title="Not found"><p>There is no such job or page in this workshop.</p></x-bare-page>
