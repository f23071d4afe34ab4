<x-bare-page title="That is not yours to do"><p>Ask the owner of the workshop.</p></x-bare-page>
