import { onBeforeUnmount, ref, type Ref } from 'vue'

interface Detector { detect: (from: HTMLVideoElement) => Promise<{ rawValue: string }[]> }
type Detectors = new (options: { formats: string[] }) => Detector

/** The camera reads a square code, where the browser can. */
export const useScanner = (video: Readonly<Ref<HTMLVideoElement | null>>, found: (text: string) => void) => {
  const can = 'BarcodeDetector' in globalThis && 'mediaDevices' in navigator
  const looking = ref(false)
  let stream: MediaStream | null = null
  let timer = 0

  const stop = (): void => {
    looking.value = false
    clearInterval(timer)
    stream?.getTracks().forEach((track) => {
      track.stop()
    })
    stream = null
  }
  const start = async (): Promise<boolean> => {
    looking.value = true
    try {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
    } catch {
      stop()
      return false
    }
    const detector = new (globalThis as unknown as { BarcodeDetector: Detectors }).BarcodeDetector({ formats: ['qr_code'] })
    if (video.value !== null) {
      video.value.srcObject = stream
      await video.value.play()
    }
    timer = window.setInterval(() => {
      if (video.value !== null) {
        void detector.detect(video.value).then(([code]) => {
          if (code !== undefined && looking.value) {
            stop()
            found(code.rawValue)
          }
        }).catch(() => undefined)
      }
    }, 300)
    return true
  }
  onBeforeUnmount(stop)
  return { can, looking, start, stop }
}

/** The number of a lot in what was typed or scanned: “12”, “lot 12”, an address that ends in /lots/12. */
export const lotIn = (text: string): number | null => {
  const [, digits] = /(?:^|lots?[/ ]*)(\d{1,9})\s*$/i.exec(text.trim()) ?? []
  return digits === undefined ? null : Number(digits)
}
