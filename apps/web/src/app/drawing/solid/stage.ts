import type { Around } from '@zabble/core';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  DynamicDrawUsage,
  HemisphereLight,
  LineBasicMaterial,
  LineDashedMaterial,
  LineSegments,
  type Material,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { aroundOf } from './around';
import { toneOf, type Looks } from './looks';
import { FACE_POINTS, NORMALS, TRIANGLES, type Points, type Pose, type Shape, put } from './shape';

/** So far after the last turn it is drawn finely again, in milliseconds. */
const STILL = 140;
const FIELD = 28;
/** Turned by a key, in radians; drawn near or far by one, times. */
const TURN = Math.PI / 18;
const NEARER = 1.15;

/** A case drawn as a solid on a canvas: few things to draw, merged, and drawn only when something changed. */
export class Stage {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(FIELD, 1, 10, 60_000);
  private readonly controls: OrbitControls;
  private readonly ray = new Raycaster();
  private readonly disposables: { dispose(): void }[] = [];
  private shape: Shape | undefined;
  private faces: Mesh | undefined;
  private grain: LineSegments | undefined;
  private lines: LineSegments[] = [];
  private looks: Looks | undefined;
  private about: readonly (Mesh | LineSegments)[] = [];
  private dashed: LineDashedMaterial | undefined;
  private frame: number | undefined;
  private still: ReturnType<typeof setTimeout> | undefined;
  private moving = false;
  private ended = false;
  /** After each time it was drawn. */
  drawn: () => void = () => undefined;

  constructor(private readonly canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: false });
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.enableDamping = false;
    this.controls.maxPolarAngle = Math.PI * 0.98;
    this.controls.addEventListener('change', () => this.stir());
    const sun = new DirectionalLight(0xffffff, 1.5);
    sun.position.set(-0.5, 1, 0.9);
    this.camera.add(sun);
    this.scene.add(this.camera, new HemisphereLight(0xffffff, 0xb8b4a8, 1.9));
  }

  /** Puts a case on it, shut as its shape says. */
  show(shape: Shape, looks: Looks): void {
    this.clear();
    this.shape = shape;
    this.facesOf(shape);
    this.linesOf(shape);
    this.ink(looks);
    this.draw();
  }

  /** Where pieces lie now; only those that are told are moved. */
  place(poses: ReadonlyMap<number, Pose>): void {
    const { shape } = this;
    if (!shape) return;
    for (const [piece, pose] of poses) {
      for (const points of [shape.faces, shape.edges, shape.grain]) put(points, piece, pose);
      this.turnNormals(piece, pose);
    }
    for (const each of this.scene.children) {
      const { geometry } = each as Mesh;
      if (!geometry) continue;
      for (const name of ['position', 'normal']) {
        const attribute = geometry.getAttribute(name);
        if (attribute instanceof BufferAttribute && attribute.usage === DynamicDrawUsage) attribute.needsUpdate = true;
      }
    }
    this.stir();
  }

  /** Gives each piece its colour: of its wood, or lit; seen through where it is only planned, more where it is faint. */
  colour(looks: Looks, of: (piece: number) => 'lit' | 'faint' | undefined): void {
    const { shape } = this;
    const colours = this.faces?.geometry.getAttribute('color');
    if (!shape || !colours) return;
    const tone = toneOf(shape.pieces);
    shape.pieces.forEach((piece, index) => {
      const look = of(index);
      const own = looks.woods[tone(piece) % looks.woods.length] ?? looks.line;
      const { r, g, b } = new Color(look === 'lit' ? looks.lit : own);
      const through = look === 'faint' ? FAINT : piece.built ? 1 : PLANNED;
      for (let at = 0; at < FACE_POINTS; at += 1) colours.setXYZW(index * FACE_POINTS + at, r, g, b, through);
    });
    colours.needsUpdate = true;
    this.draw();
  }

  /** Shows what stands about the case, in place of what did, and lights some of it. */
  showAround(around: readonly Around[], lit: (name: string) => boolean, looks: Looks): void {
    for (const each of this.about) {
      this.scene.remove(each);
      each.geometry.dispose();
      (each.material as Material).dispose();
    }
    this.about = aroundOf(around, lit, looks);
    this.scene.add(...this.about);
    this.draw();
  }

  resize(width: number, height: number): void {
    this.camera.aspect = width / height;
    this.camera.updateProjectionMatrix();
    this.renderer.setSize(width, height, false);
    this.draw();
  }

  /** Looks from the right, a little from above, with what is between two corners in sight; nearer than a ball about them asks for. */
  home(from: readonly number[], to: readonly number[], near: number): void {
    const [a, b] = [new Vector3(...from), new Vector3(...to)];
    const middle = a.clone().add(b).multiplyScalar(0.5);
    const radius = a.distanceTo(b) / 2;
    const narrow = Math.min(1, this.camera.aspect);
    const distance = (radius / Math.sin((FIELD * Math.PI) / 360) / narrow) * near;
    this.controls.target.copy(middle);
    this.camera.position.copy(middle).add(new Vector3(0.62, 0.38, 1).normalize().multiplyScalar(distance));
    this.controls.update();
    this.draw();
  }

  /** Turns by steps of ten degrees, round and over. */
  turn(round: number, over: number): void {
    const off = this.camera.position.clone().sub(this.controls.target);
    const [radius, lean] = [off.length(), Math.acos(Math.max(-1, Math.min(1, off.y / off.length())))];
    const around = Math.atan2(off.x, off.z) + round * TURN;
    const up = Math.max(0.02, Math.min(Math.PI * 0.98, lean + over * TURN));
    off.set(Math.sin(up) * Math.sin(around), Math.cos(up), Math.sin(up) * Math.cos(around)).multiplyScalar(radius);
    this.camera.position.copy(this.controls.target).add(off);
    this.controls.update();
  }

  nearer(steps: number): void {
    const off = this.camera.position.clone().sub(this.controls.target);
    this.camera.position.copy(this.controls.target).add(off.multiplyScalar(NEARER ** -steps));
    this.controls.update();
  }

  /** The piece under a place of the canvas, in its pixels. */
  pick(x: number, y: number): number | undefined {
    const { clientWidth, clientHeight } = this.canvas;
    this.ray.setFromCamera(new Vector2((x / clientWidth) * 2 - 1, 1 - (y / clientHeight) * 2), this.camera);
    if (!this.faces) return undefined;
    this.faces.geometry.boundingSphere = null;
    const [hit] = this.ray.intersectObject(this.faces);
    return hit?.face ? Math.floor(hit.face.a / FACE_POINTS) : undefined;
  }

  /** Where a place in sight lies on the canvas, in its pixels. */
  seen(place: readonly [number, number, number]): { readonly x: number; readonly y: number } {
    const at = new Vector3(...place).project(this.camera);
    const { clientWidth, clientHeight } = this.canvas;
    return { x: ((at.x + 1) / 2) * clientWidth, y: ((1 - at.y) / 2) * clientHeight };
  }

  /** Paints what is seen now on a sheet of so many dots to one of the page's, in the colours told; then as before. */
  paint(sheet: HTMLCanvasElement, dots: number, looks: Looks): void {
    const before = this.looks;
    this.moving = false;
    this.ink(looks);
    this.render(dots);
    Object.assign(sheet, { width: this.canvas.width, height: this.canvas.height });
    sheet.getContext('2d')?.drawImage(this.canvas, 0, 0);
    if (before) this.ink(before);
    this.draw();
  }

  /** What is behind it, its edges and its grain in these colours. */
  private ink(looks: Looks): void {
    this.looks = looks;
    this.scene.background = new Color(looks.back);
    for (const { material } of this.lines) (material as LineBasicMaterial).color.set(looks.line);
    (this.grain?.material as LineBasicMaterial | undefined)?.color.set(looks.soft);
  }

  dispose(): void {
    this.ended = true;
    clearTimeout(this.still);
    if (this.frame !== undefined) cancelAnimationFrame(this.frame);
    this.clear();
    this.controls.dispose();
    this.renderer.dispose();
    this.renderer.forceContextLoss();
  }

  draw(): void {
    if (this.ended) return;
    this.frame ??= requestAnimationFrame(() => {
      this.frame = undefined;
      this.render();
    });
  }

  /** What moves is drawn coarsely and without its grain, until it is still again. */
  private stir(): void {
    this.moving = true;
    clearTimeout(this.still);
    this.still = setTimeout(() => {
      this.moving = false;
      this.draw();
    }, STILL);
    this.draw();
  }

  /** Dots of the picture to one of the page's: many where it is still, which takes the steps out of its edges. */
  private render(dots = this.moving ? COARSE * this.screen() : Math.max(FINE, this.screen())): void {
    if (this.renderer.getPixelRatio() !== dots) this.renderer.setPixelRatio(dots);
    if (this.grain) this.grain.visible = !this.moving;
    this.sort();
    this.dash();
    this.renderer.render(this.scene, this.camera);
    this.drawn();
  }

  private screen(): number {
    return Math.min(FINE, globalThis.devicePixelRatio || 1);
  }

  /** Dashes are as long on the screen from near as from far. */
  private dash(): void {
    if (!this.dashed) return;
    const far = this.camera.position.distanceTo(this.controls.target);
    const dot = (2 * far * Math.tan((FIELD * Math.PI) / 360)) / (this.canvas.clientHeight || 1);
    this.dashed.dashSize = DASH * dot;
    this.dashed.gapSize = GAP * dot;
  }

  private facesOf({ pieces, faces }: Shape): void {
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', dynamic(faces.now));
    geometry.setAttribute('normal', dynamic(new Float32Array(faces.now.length)));
    geometry.setAttribute('color', dynamic(new Float32Array(pieces.length * FACE_POINTS * 4), 4));
    geometry.setIndex(dynamic(new Uint32Array(pieces.length * TRIANGLES.length), 1));
    const material = new MeshLambertMaterial({
      ...{ vertexColors: true, transparent: true },
      ...{ polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 },
    });
    const made = new Mesh(geometry, material);
    made.frustumCulled = false;
    made.renderOrder = 1;
    this.faces = this.keep(made);
  }

  private linesOf({ pieces, edges, grain }: Shape): void {
    const position = dynamic(edges.now);
    const distance = new BufferAttribute(lengthsOf(edges), 1);
    for (const built of [true, false]) {
      const geometry = new BufferGeometry();
      geometry.setAttribute('position', position).setAttribute('lineDistance', distance);
      const own = pieces.flatMap((piece, index) => (piece.built === built ? [index] : []));
      geometry.setIndex(
        own.flatMap((index) => Array.from({ length: FACE_POINTS }, (_, at) => index * FACE_POINTS + at)),
      );
      const material = built
        ? new LineBasicMaterial({ transparent: true })
        : new LineDashedMaterial({ transparent: true, opacity: 0.7 });
      if (material instanceof LineDashedMaterial) this.dashed = material;
      this.lines.push(this.keep(lines(geometry, material)));
    }
    const geometry = new BufferGeometry().setAttribute('position', dynamic(grain.now));
    const material = new LineBasicMaterial({ transparent: true, opacity: 0.45 });
    this.grain = this.keep(lines(geometry, material));
  }

  private keep<T extends Mesh | LineSegments>(made: T): T {
    this.scene.add(made);
    this.disposables.push(made.geometry, made.material as Material);
    return made;
  }

  private clear(): void {
    this.disposables.push(...this.about.flatMap(({ geometry, material }) => [geometry, material as Material]));
    for (const each of this.disposables.splice(0)) each.dispose();
    this.scene.remove(...this.scene.children.filter((each) => each instanceof Mesh || each instanceof LineSegments));
    this.faces = undefined;
    this.about = [];
    this.lines = [];
    this.grain = undefined;
  }

  private turnNormals(piece: number, [a, b, c]: Pose): void {
    const normals = this.faces?.geometry.getAttribute('normal');
    if (!normals) return;
    NORMALS.forEach(([x, y, z], face) => {
      const turned = ([0, 1, 2] as const).map((row) => a[row] * x + b[row] * y + c[row] * z);
      for (let corner = 0; corner < 4; corner += 1)
        normals.setXYZ(piece * FACE_POINTS + face * 4 + corner, turned[0] ?? 0, turned[1] ?? 0, -(turned[2] ?? 0));
    });
  }

  /** What is seen through is drawn from the back to the front. */
  private sort(): void {
    const { faces, shape } = this;
    const index = faces?.geometry.index;
    if (!index || !shape) return;
    const { now } = shape.faces;
    const eye = this.camera.getWorldDirection(new Vector3());
    const far = shape.pieces.map((_, piece) => {
      let sum = 0;
      // Opposite corners of a piece: its middle.
      for (const corner of [0, 7]) {
        const at = (piece * FACE_POINTS + corner) * 3;
        sum += (now[at] ?? 0) * eye.x + (now[at + 1] ?? 0) * eye.y + (now[at + 2] ?? 0) * eye.z;
      }
      return { piece, sum };
    });
    far.sort((one, other) => other.sum - one.sum);
    far.forEach(({ piece }, place) => {
      for (let at = 0; at < TRIANGLES.length; at += 1)
        index.array[place * TRIANGLES.length + at] = piece * FACE_POINTS + (TRIANGLES[at] ?? 0);
    });
    index.needsUpdate = true;
  }
}

/** How much is seen of what is planned, and of what has been taken out already. */
const PLANNED = 0.66;
const FAINT = 0.16;
const COARSE = 0.75;
const FINE = 2;
/** Of an edge that is planned, in pixels. */
const DASH = 6;
const GAP = 4;

function dynamic(array: Float32Array | Uint32Array, size = 3): BufferAttribute {
  const made = new BufferAttribute(array, size);
  made.setUsage(DynamicDrawUsage);
  return made;
}

function lines(geometry: BufferGeometry, material: LineBasicMaterial | LineDashedMaterial): LineSegments {
  const made = new LineSegments(geometry, material);
  made.frustumCulled = false;
  // Over the faces that are seen through.
  made.renderOrder = 2;
  return made;
}

/** How far along its line each point is: dashes begin anew on every edge. */
function lengthsOf({ shut }: Points): Float32Array {
  const found = new Float32Array(shut.length / 3);
  for (let at = 1; at < found.length; at += 2) {
    const [a, b] = [at * 3 - 3, at * 3];
    const over = (axis: number): number => (shut[b + axis] ?? 0) - (shut[a + axis] ?? 0);
    found[at] = Math.hypot(over(0), over(1), over(2));
  }
  return found;
}
