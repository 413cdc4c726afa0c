/** What this device is called on lists until somebody calls it something: "Phone", "Tablet", "Computer". */
export function deviceName(userAgent = navigator.userAgent): string {
  if (/iPad|Tablet|Android(?!.*Mobile)/.test(userAgent)) return 'Tablet';
  return /iPhone|Mobile/.test(userAgent) ? 'Phone' : 'Computer';
}
