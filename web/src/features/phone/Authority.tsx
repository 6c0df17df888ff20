/** The certificate that vouches for the school's own addresses, and how a phone takes it. */
export function Authority({ fingerprint }: { fingerprint: string }) {
  return (
    <div className="mt-2 grid gap-2 border-l-4 border-rule pl-3">
      <p>
        <a href="/api/network/authority.crt" download>
          Certificate of your school (a file)
        </a>
        , opened on the phone: it can vouch for addresses of private networks alone, for no site of the
        internet.
      </p>
      <p>
        <b>Android:</b> settings, look for “CA certificate”, install it from the file. <b>iPhone, iPad:</b>{' '}
        open the file, install the profile in settings, then switch it on under “certificate trust”. A phone
        names what it installs, and should show this fingerprint (SHA-256):
      </p>
      <p className="figures break-all text-sm">{fingerprint}</p>
    </div>
  );
}
