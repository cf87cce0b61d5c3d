export function Mark() {
  return (
    <svg aria-hidden="true" viewBox="0 0 32 26" className="h-5 w-6">
      <path d="M3 9h26v8a8 8 0 0 1-8 8H11a8 8 0 0 1-8-8z" fill="var(--panel)" stroke="currentColor" strokeWidth="3" />
      <path d="M3 4.5h26" stroke="var(--heat)" strokeWidth="3.2" strokeLinecap="round" />
    </svg>
  );
}
