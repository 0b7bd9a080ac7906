import type { Pen } from './pen.js';

/** What a picture can be of. Each is drawn about 300 wide and up to 320 high, standing on 0 about its own middle. */
export interface Subject {
  /** Words it is found by, in the languages sites are written in. */
  asked: RegExp;
  /** Where it is most at home, best first. */
  settings: readonly string[];
  /** What it is for, for grouping. */
  group: 'places' | 'work' | 'tools' | 'materials' | 'hands' | 'nature' | 'rooms' | 'goods' | 'weather' | 'abstract';
  /** True for what fills a picture by itself; others also stand in rows. */
  large?: boolean;
  draw(p: Pen): void;
  /** For what is no thing in a place but the whole picture: draws all of it, `w` by `h`. */
  whole?(p: Pen, w: number, h: number): void;
}

const tick = (count: number, each: (k: number) => void) => {
  for (let k = 0; k < count; k++) each(k);
};

export const subjects: Record<string, Subject> = {
  boat: {
    asked: /boat|sail|yacht|hull|vessel|bateau|voil|barco|vela|boot|segel|yard|plank|caulk/i,
    settings: ['bay', 'harbour'],
    group: 'places',
    large: true,
    draw: (p) =>
      void p
        .poly('pale', [-8, 320], [-112, 84], [-8, 84])
        .poly('glow', [10, 296], [128, 84], [10, 84])
        .box('deep', -7, 60, 9, 274)
        .blob('deep', [-158, 66], [0, 56], [172, 72], [130, 8], [0, -6], [-104, 6])
        .stroke(
          'pale',
          7,
          [
            [-146, 56],
            [0, 46],
            [158, 60],
          ],
          true,
        ),
  },
  dinghy: {
    asked: /dinghy|row|oar|tender|skiff|canot|bote|ruder/i,
    settings: ['bay', 'quay'],
    group: 'places',
    large: true,
    draw: (p) =>
      void p
        .blob('warm', [-150, 74], [0, 54], [150, 74], [112, 10], [0, 0], [-112, 10])
        .stroke(
          'pale',
          6,
          [
            [-138, 62],
            [0, 42],
            [138, 62],
          ],
          true,
        )
        .box('pale', -58, 50, 30, 12)
        .box('pale', 38, 50, 30, 12)
        .stroke('deep', 8, [
          [-40, 70],
          [120, 138],
        ])
        .leaf('deep', 112, 132, 54, 24, 0.24),
  },
  anchor: {
    asked: /anchor|moor|ancre|ancla|anker|liegeplatz/i,
    settings: ['plain', 'quay'],
    group: 'tools',
    draw: (p) =>
      void p
        .ring('deep', 0, 284, 24, 14)
        .box('deep', -10, 20, 20, 244)
        .box('deep', -74, 206, 148, 18, 8)
        .stroke(
          'deep',
          20,
          [
            [-120, 116],
            [-96, 40],
            [0, 12],
            [96, 40],
            [120, 116],
          ],
          true,
        )
        .poly('deep', [-148, 104], [-120, 152], [-92, 104])
        .poly('deep', [148, 104], [120, 152], [92, 104]),
  },
  rope: {
    asked: /rope|rigging|splice|knot|cord|cabo|cordage|tau\b|takel/i,
    settings: ['quay', 'plain'],
    group: 'materials',
    draw: (p) => {
      tick(4, (k) => p.ring(k % 2 ? 'glow' : 'warm', 0, 86 + k * 6, 118 - k * 27, 22));
      p.stroke(
        'warm',
        20,
        [
          [100, 130],
          [150, 70],
          [120, 20],
          [170, 2],
        ],
        true,
      );
    },
  },
  lighthouse: {
    asked: /lighthouse|beacon|phare|faro|leuchtturm|coast/i,
    settings: ['bay', 'bluff'],
    group: 'places',
    large: true,
    draw: (p) =>
      void p
        .turned('pale', 0, [60, 0], [48, 120], [38, 236])
        .poly('glow', [-55, 66], [55, 66], [51, 116], [-51, 116])
        .poly('glow', [-46, 160], [46, 160], [42, 206], [-42, 206])
        .box('deep', -52, 236, 104, 14)
        .box('sun', -28, 250, 56, 42)
        .poly('deep', [-40, 292], [40, 292], [0, 330])
        .box('deep', -12, 0, 24, 44, 12),
  },
  net: {
    asked: /net\b|fish|catch|crab|lobster|filet|pêche|pesca|fisch/i,
    settings: ['quay', 'harbour'],
    group: 'work',
    draw: (p) => {
      p.blob('mid', [-140, 0], [-120, 90], [0, 130], [120, 90], [140, 0]);
      tick(5, (k) =>
        p.stroke(
          'deep',
          3,
          [
            [-120 + k * 60, 4],
            [-90 + k * 46, 104 - Math.abs(k - 2) * 16],
          ],
          false,
        ),
      );
      tick(3, (k) =>
        p.stroke(
          'deep',
          3,
          [
            [-130 + k * 8, 26 + k * 30],
            [0, 34 + k * 32],
            [130 - k * 8, 26 + k * 30],
          ],
          true,
        ),
      );
      p.oval('glow', -96, 22, 24).oval('sun', 20, 18, 20).oval('glow', 96, 24, 22);
    },
  },
  crate: {
    asked: /crate|box|deliver|parcel|order|caisse|caja|kiste|liefer/i,
    settings: ['quay', 'shed', 'shop'],
    group: 'goods',
    draw: (p) => {
      p.box('warm', -110, 0, 220, 150);
      tick(3, (k) => p.box('glow', -110, 8 + k * 48, 220, 38));
      p.box('warm', -110, 0, 22, 150).box('warm', 88, 0, 22, 150);
    },
  },
  clock: {
    asked: /clock|horolog|horlog|reloj|uhr|chime|pendul|longcase/i,
    settings: ['room', 'bench'],
    group: 'goods',
    draw: (p) => {
      p.box('near', -74, 0, 148, 320, 6).box('warm', -58, 18, 116, 118, 4).oval('sun', 0, 60, 26);
      p.stroke('deep', 6, [
        [0, 136],
        [0, 74],
      ])
        .oval('pale', 0, 232, 62)
        .ring('deep', 0, 232, 62, 7);
      tick(12, (k) => {
        const a = (k * Math.PI) / 6;
        p.stroke('deep', k % 3 ? 3 : 6, [
          [Math.sin(a) * 48, 232 + Math.cos(a) * 48],
          [Math.sin(a) * 54, 232 + Math.cos(a) * 54],
        ]);
      });
      p.stroke('deep', 6, [
        [0, 232],
        [-26, 248],
      ]).stroke('deep', 5, [
        [0, 232],
        [36, 254],
      ]);
    },
  },
  watch: {
    asked: /watch|wrist|montre|dial|zifferblatt/i,
    settings: ['plain', 'bench'],
    group: 'goods',
    draw: (p) => {
      p.box('warm', -46, 0, 92, 320, 20).oval('glow', 0, 160, 104).oval('pale', 0, 160, 88);
      tick(12, (k) => {
        const a = (k * Math.PI) / 6;
        p.stroke('deep', k % 3 ? 4 : 7, [
          [Math.sin(a) * 68, 160 + Math.cos(a) * 68],
          [Math.sin(a) * 78, 160 + Math.cos(a) * 78],
        ]);
      });
      p.stroke('deep', 8, [
        [0, 160],
        [-38, 184],
      ])
        .stroke('deep', 6, [
          [0, 160],
          [50, 196],
        ])
        .box('glow', 102, 148, 18, 24, 4);
    },
  },
  gears: {
    asked: /movement|gear|mechanis|works\b|engine|motor|machine|getriebe/i,
    settings: ['plain', 'bench'],
    group: 'work',
    draw: (p) => {
      const gear = (x: number, y: number, r: number, teeth: number, ink: 'glow' | 'mid' | 'warm') => {
        tick(teeth, (k) => {
          const a = (k * 2 * Math.PI) / teeth;
          p.stroke(ink, r * 0.3, [
            [x + Math.cos(a) * r * 0.8, y + Math.sin(a) * r * 0.8],
            [x + Math.cos(a) * r * 1.04, y + Math.sin(a) * r * 1.04],
          ]);
        });
        p.oval(ink, x, y, r * 0.9)
          .oval('pale', x, y, r * 0.5)
          .oval('deep', x, y, r * 0.14);
      };
      gear(-70, 120, 92, 14, 'glow');
      gear(88, 74, 58, 10, 'mid');
      gear(66, 220, 70, 12, 'warm');
    },
  },
  pot: {
    asked: /pot\b|pots|potter|ceram|keram|earthenware|stoneware|töpfer|poterie|alfar|glaz/i,
    settings: ['shelf', 'table'],
    group: 'goods',
    draw: (p) =>
      void p
        .turned('glow', 0, [52, 0], [84, 40], [112, 120], [96, 200], [56, 240], [60, 264])
        .turned('pale', 0, [109, 132], [96, 200], [56, 240], [60, 264])
        .oval('deep', 0, 264, 60, 11),
  },
  jug: {
    asked: /jug|pitcher|pour|cruche|jarra|krug/i,
    settings: ['table', 'shelf'],
    group: 'goods',
    draw: (p) =>
      void p
        .stroke(
          'mid',
          22,
          [
            [70, 196],
            [142, 190],
            [136, 96],
            [76, 74],
          ],
          true,
        )
        .turned('mid', 0, [58, 0], [92, 60], [84, 140], [50, 200], [58, 240])
        .poly('mid', [-56, 240], [-88, 256], [-50, 216])
        .turned('pale', 0, [88, 40], [94, 70], [93, 84])
        .oval('deep', 0, 240, 57, 10),
  },
  bowl: {
    asked: /bowl|dish|plate|schale|bol\b|cuenco|teller/i,
    settings: ['table', 'shelf'],
    group: 'goods',
    draw: (p) =>
      void p
        .turned('near', 0, [48, 0], [54, 14], [116, 70], [140, 128])
        .turned('glow', 0, [126, 92], [140, 128])
        .oval('deep', 0, 128, 140, 22)
        .oval('warm', 0, 125, 126, 16),
  },
  vase: {
    asked: /vase|flower|florist|bouquet|blum|fleur|flor/i,
    settings: ['table', 'room'],
    group: 'goods',
    draw: (p) => {
      [-38, -14, 12, 36].forEach((x, k) => {
        const y = 250 + [0, 46, 30, -10][k]!;
        p.stroke(
          'near',
          6,
          [
            [x * 0.3, 150],
            [x * 0.8, 200],
            [x * 1.6, y],
          ],
          true,
        );
        p.leaf('near', x * 0.7, 180, 60, x < 0 ? 140 : 40);
        tick(5, (m) =>
          p.oval(
            k % 2 ? 'sun' : 'glow',
            x * 1.6 + Math.cos((m * 2 * Math.PI) / 5) * 18,
            y + Math.sin((m * 2 * Math.PI) / 5) * 18,
            14,
          ),
        );
        p.oval('deep', x * 1.6, y, 9);
      });
      p.turned('mid', 0, [40, 0], [68, 50], [56, 110], [30, 146], [38, 162]);
    },
  },
  cup: {
    asked: /cup|mug|tea|coffee|tasse|taza|kaffee|tee\b/i,
    settings: ['table', 'window'],
    group: 'goods',
    draw: (p) =>
      void p
        .stroke(
          'glow',
          18,
          [
            [72, 130],
            [128, 128],
            [124, 62],
            [66, 50],
          ],
          true,
        )
        .turned('glow', 0, [52, 0], [76, 30], [84, 150])
        .oval('deep', 0, 150, 84, 14)
        .stroke(
          'pale',
          6,
          [
            [-20, 186],
            [-34, 210],
            [-12, 232],
            [-26, 260],
          ],
          true,
        )
        .stroke(
          'pale',
          6,
          [
            [22, 186],
            [8, 210],
            [30, 232],
            [16, 260],
          ],
          true,
        ),
  },
  kiln: {
    asked: /kiln|fire|oven|stove|heat|four\b|horno|ofen|chimney/i,
    settings: ['shed', 'room'],
    group: 'work',
    draw: (p) =>
      void p
        .blob('near', [-130, 0], [-132, 130], [-60, 226], [60, 226], [132, 130], [130, 0])
        .box('near', -34, 210, 68, 100)
        .box('deep', -62, 0, 124, 110, 60)
        .blob('sun', [-38, 4], [-30, 50], [-6, 34], [8, 84], [30, 46], [40, 4])
        .stroke('far', 5, [
          [-118, 150],
          [118, 150],
        ])
        .stroke('far', 5, [
          [-90, 196],
          [90, 196],
        ]),
  },
  plane: {
    asked: /join|carpent|cabinet|woodwork|wood\b|timber|menuis|tischler|schreiner|carpint|plan(?:e|ing)/i,
    settings: ['bench'],
    group: 'tools',
    draw: (p) =>
      void p
        .box('warm', -150, 12, 290, 62, 10)
        .box('deep', -158, 0, 306, 16, 4)
        .blob('near', [70, 74], [66, 130], [104, 152], [130, 120], [112, 74])
        .oval('near', -96, 98, 26, 30)
        .poly('pale', [-26, 74], [14, 160], [32, 152], [2, 74])
        .stroke(
          'pale',
          8,
          [
            [-20, 88],
            [-60, 120],
            [-30, 150],
            [-2, 128],
            [-30, 112],
          ],
          true,
        ),
  },
  saw: {
    asked: /saw|cut\b|cutting|scie|sierra|säge|fell/i,
    settings: ['wall', 'bench'],
    group: 'tools',
    draw: (p) => {
      p.poly('mid', [-170, 60], [70, 36], [70, 128], [-170, 84]);
      tick(14, (k) =>
        p.poly('mid', [-160 + k * 16, 60 - k * 1.6], [-152 + k * 16, 46 - k * 1.6], [-144 + k * 16, 58 - k * 1.6]),
      );
      p.blob('warm', [64, 30], [66, 134], [120, 150], [150, 110], [140, 40], [100, 20]).oval('pale', 106, 84, 20, 28);
    },
  },
  hammer: {
    asked: /hammer|repair|mend|fix|build|répar|repar|bau|handy|tool/i,
    settings: ['wall', 'bench'],
    group: 'tools',
    draw: (p) =>
      void p
        .box('warm', -13, 0, 26, 250, 12)
        .box('deep', -76, 232, 140, 52, 8)
        .poly('deep', [64, 240], [104, 258], [64, 276])
        .box('mid', -92, 226, 22, 64, 6),
  },
  chisels: {
    asked: /chisel|carv|engrav|turn(?:ing|er)\b|sculpt|schnitz|talla/i,
    settings: ['wall', 'shelf'],
    group: 'tools',
    draw: (p) =>
      tick(4, (k) => {
        const x = -114 + k * 76;
        const h = 90 + (k % 2) * 34;
        p.box('warm', x - 15, 0, 30, 112, 14)
          .box('glow', x - 12, 108, 24, 14)
          .box('mid', x - 8 - k, 122, 16 + k * 2, h)
          .poly('pale', [x - 8 - k, 122 + h], [x + 8 + k, 122 + h], [x + 8 + k, 136 + h]);
      }),
  },
  planks: {
    asked: /plank|board|beam|floor|deck|oak|larch|lumber|bois|madera|holz|balk/i,
    settings: ['shed', 'yard'],
    group: 'materials',
    draw: (p) => {
      const inks = ['warm', 'glow', 'sun', 'warm', 'glow'] as const;
      tick(5, (k) => {
        p.box(inks[k]!, -160 + (k % 2) * 16, k * 34, 310, 30, 3).oval('deep', 130 - (k % 3) * 30, k * 34 + 15, 5, 5);
        p.stroke(
          'deep',
          2,
          [
            [-140, k * 34 + 12],
            [-40, k * 34 + 17],
            [90, k * 34 + 12],
          ],
          true,
        );
      });
    },
  },
  chair: {
    asked: /chair|seat|upholst|furnitur|möbel|meuble|mueble|silla|stuhl|sofa|armchair/i,
    settings: ['room', 'window'],
    group: 'goods',
    draw: (p) =>
      void p
        .box('deep', -78, 0, 14, 150)
        .box('deep', 64, 0, 14, 150)
        .box('deep', -52, 30, 10, 110)
        .box('deep', 42, 30, 10, 110)
        .blob('glow', [-92, 132], [-70, 166], [70, 166], [92, 132], [60, 122], [-60, 122])
        .blob('warm', [-74, 166], [-86, 280], [-50, 312], [50, 312], [86, 280], [74, 166])
        .stroke('deep', 4, [
          [-50, 186],
          [-56, 280],
        ])
        .stroke('deep', 4, [
          [50, 186],
          [56, 280],
        ]),
  },
  table: {
    asked: /table|desk|dining|tisch|mesa\b/i,
    settings: ['room', 'shed'],
    group: 'goods',
    draw: (p) =>
      void p
        .poly('warm', [-150, 0], [-132, 0], [-118, 126], [-142, 126])
        .poly('warm', [150, 0], [132, 0], [118, 126], [142, 126])
        .box('near', -148, 110, 296, 22)
        .box('glow', -172, 130, 344, 20, 6)
        .turned('pale', -60, [20, 150], [30, 170], [16, 206])
        .box('mid', 30, 150, 80, 14)
        .box('sun', 38, 164, 68, 12),
  },
  shelf: {
    asked: /shelf|shelv|library|cupboard|wardrobe|kitchen|regal|étag|estante|schrank/i,
    settings: ['room', 'shop'],
    group: 'rooms',
    large: true,
    draw: (p) => {
      p.box('near', -150, 0, 300, 320, 4);
      tick(3, (r) => {
        p.box('pale', -136, 14 + r * 102, 272, 88);
        let x = -126;
        tick(7, (k) => {
          const w = 20 + ((k * 7 + r * 5) % 18);
          const h = 46 + ((k * 13 + r * 11) % 32);
          p.box((['glow', 'mid', 'warm', 'sun', 'deep'] as const)[(k + r) % 5]!, x, 14 + r * 102, w, h, 2);
          x += w + 6;
        });
      });
    },
  },
  door: {
    asked: /door|porch|entrance|porte|puerta|tür|gate/i,
    settings: ['street', 'wall'],
    group: 'places',
    large: true,
    draw: (p) =>
      void p
        .box('pale', -96, 0, 192, 318, 6)
        .box('glow', -78, 0, 156, 300, 4)
        .box('warm', -60, 168, 54, 108)
        .box('warm', 6, 168, 54, 108)
        .box('warm', -60, 24, 54, 120)
        .box('warm', 6, 24, 54, 120)
        .oval('sun', 56, 154, 9)
        .box('deep', -110, -4, 220, 14),
  },
  window: {
    asked: /window|glaz|sash|fenêtre|ventana|fenster|glass|verre|vidri|glas\b/i,
    settings: ['street', 'wall'],
    group: 'places',
    draw: (p) =>
      void p
        .box('pale', -110, 20, 220, 280, 4)
        .box('sun', -94, 36, 90, 116)
        .box('far', 4, 36, 90, 116)
        .box('far', -94, 168, 90, 116)
        .box('sun', 4, 168, 90, 116)
        .box('near', -126, 6, 252, 18, 3)
        .blob('mid', [-112, 24], [-96, 64], [-40, 52], [0, 70], [50, 52], [96, 64], [112, 24]),
  },
  house: {
    asked: /house|home|builder|guest|cottage|haus|maison|casa\b|roof|let\b|stay|gîte|pension/i,
    settings: ['hill', 'street'],
    group: 'places',
    large: true,
    draw: (p) =>
      void p
        .box('warm', 74, 190, 40, 106)
        .box('pale', -128, 0, 256, 190)
        .poly('near', [-150, 186], [0, 292], [150, 186])
        .box('deep', -22, 0, 46, 92, 3)
        .box('sun', -102, 100, 48, 56)
        .box('sun', 54, 100, 48, 56)
        .box('mid', -102, 24, 48, 50)
        .box('mid', 54, 24, 48, 50)
        .oval('sun', 0, 222, 20),
  },
  terrace: {
    asked: /street|town|village|shop front|row|gasse|rue\b|calle|quarter|estate/i,
    settings: ['street', 'harbour'],
    group: 'places',
    large: true,
    draw: (p) =>
      tick(4, (k) => {
        const x = -168 + k * 84;
        const h = 150 + ((k * 37) % 70);
        p.box((['glow', 'pale', 'mid', 'sun'] as const)[k]!, x, 0, 84, h);
        p.poly('deep', [x - 6, h], [x + 42, h + 56], [x + 90, h]);
        p.box('deep', x + 12, 0, 24, 58)
          .box('far', x + 46, 24, 26, 34)
          .box('far', x + 12, 90, 24, 34)
          .box('far', x + 46, 90, 26, 34);
      }),
  },
  bed: {
    asked: /bed\b|room|sleep|chambre|habitaci|zimmer|stay|linen/i,
    settings: ['room'],
    group: 'rooms',
    large: true,
    draw: (p) =>
      void p
        .box('near', -170, 0, 22, 190, 6)
        .box('near', 148, 0, 22, 110, 6)
        .box('warm', -150, 36, 300, 40)
        .blob('pale', [-150, 76], [-140, 116], [120, 104], [150, 76])
        .blob('glow', [-40, 76], [-30, 122], [110, 112], [152, 60], [140, 40], [-20, 44])
        .blob('pale', [-142, 100], [-132, 150], [-62, 146], [-56, 104]),
  },
  lamp: {
    asked: /lamp|light|electr|elektr|lumi|luz|licht|wiring/i,
    settings: ['room', 'window'],
    group: 'goods',
    draw: (p) =>
      void p
        .oval('pale', 0, 236, 130, 84)
        .turned('near', 0, [54, 0], [50, 14], [12, 26], [10, 170])
        .poly('glow', [-88, 166], [88, 166], [52, 278], [-52, 278])
        .oval('sun', 0, 164, 62, 12),
  },
  kettle: {
    asked: /kettle|plumb|water|breakfast|heat|wasser|eau\b|agua|klempn|fontan/i,
    settings: ['kitchen', 'table'],
    group: 'goods',
    draw: (p) =>
      void p
        .stroke(
          'deep',
          16,
          [
            [-70, 140],
            [-60, 236],
            [60, 236],
            [70, 140],
          ],
          true,
        )
        .poly('near', [84, 70], [152, 150], [132, 164], [74, 110])
        .turned('near', 0, [92, 0], [106, 60], [80, 132], [30, 152])
        .turned('glow', 0, [34, 150], [12, 170], [16, 184])
        .stroke(
          'pale',
          7,
          [
            [-66, 40],
            [-70, 90],
          ],
          true,
        ),
  },
  tap: {
    asked: /tap\b|pipe|leak|bath|drain|robinet|grifo|rohr|sanitär/i,
    settings: ['wall', 'kitchen'],
    group: 'work',
    draw: (p) =>
      void p
        .stroke(
          'mid',
          40,
          [
            [-60, 0],
            [-60, 180],
            [20, 214],
            [70, 180],
            [72, 140],
          ],
          true,
        )
        .box('near', -112, 190, 104, 24, 12)
        .box('near', -72, 170, 24, 40)
        .blob('sun', [72, 108], [88, 74], [72, 54], [56, 74])
        .blob('sun', [72, 44], [82, 24], [72, 12], [62, 24]),
  },
  loaf: {
    asked: /bread|bak|loaf|flour|mill|pain\b|pan\b|brot|grain/i,
    settings: ['table', 'kitchen'],
    group: 'goods',
    draw: (p) => {
      p.blob('warm', [-140, 4], [-150, 64], [-80, 118], [80, 118], [150, 64], [140, 4]);
      tick(4, (k) => p.leaf('pale', -96 + k * 52, 58, 64, 62, 0.16));
    },
  },
  jar: {
    asked: /jar|jam|preserv|honey|pickle|confit|mermelad|marmelad|honig|glas/i,
    settings: ['shelf', 'table'],
    group: 'goods',
    draw: (p) =>
      void p
        .box('far', -72, 0, 144, 178, 22)
        .box('glow', -60, 12, 120, 118, 16)
        .box('near', -62, 172, 124, 40, 8)
        .box('pale', -48, 44, 96, 58, 4)
        .stroke('deep', 5, [
          [-30, 80],
          [30, 80],
        ])
        .stroke('deep', 4, [
          [-30, 62],
          [12, 62],
        ]),
  },
  bottle: {
    asked: /bottle|cider|wine|oil|brew|vin\b|vino|wein|flasche|botella/i,
    settings: ['shelf', 'table'],
    group: 'goods',
    draw: (p) =>
      void p
        .turned('near', 0, [58, 0], [60, 30], [60, 150], [26, 206], [20, 280])
        .box('warm', -22, 276, 44, 28, 4)
        .box('pale', -58, 54, 116, 80, 3)
        .oval('glow', 0, 94, 24),
  },
  basket: {
    asked: /basket|weav|willow|wicker|pick|harvest|korb|panier|cesta/i,
    settings: ['table', 'garden'],
    group: 'goods',
    draw: (p) => {
      p.stroke(
        'warm',
        14,
        [
          [-110, 130],
          [-80, 270],
          [80, 270],
          [110, 130],
        ],
        true,
      );
      tick(4, (k) => p.oval((['glow', 'sun', 'glow', 'sun'] as const)[k]!, -72 + k * 48, 134 + (k % 2) * 18, 34));
      p.turned('warm', 0, [92, 0], [116, 60], [126, 132]);
      tick(4, (k) =>
        p.stroke(
          'pale',
          5,
          [
            [-100 - k * 7, 20 + k * 28],
            [0, 12 + k * 28],
            [100 + k * 7, 20 + k * 28],
          ],
          true,
        ),
      );
    },
  },
  apple: {
    asked: /apple|orchard|fruit|pomme|manzana|apfel|obst|pear/i,
    settings: ['table', 'orchard'],
    group: 'nature',
    draw: (p) =>
      void p
        .blob(
          'glow',
          [0, 176],
          [-64, 196],
          [-118, 130],
          [-86, 26],
          [-20, 4],
          [0, 12],
          [20, 4],
          [86, 26],
          [118, 130],
          [64, 196],
        )
        .stroke(
          'deep',
          9,
          [
            [0, 176],
            [14, 232],
          ],
          true,
        )
        .leaf('near', 12, 216, 84, 24),
  },
  cabbage: {
    asked: /cabbage|vegetab|veg\b|salad|gemüse|légume|verdura|allotment|crop/i,
    settings: ['garden', 'field'],
    group: 'nature',
    draw: (p) => {
      [200, 160, 20, -20, 140, 40].forEach((a, k) =>
        p.leaf(k % 2 ? 'near' : 'mid', 0, 44, 150 - (k > 3 ? 16 : 0), a, 0.62),
      );
      p.oval('glow', 0, 76, 84, 78)
        .oval('sun', 4, 84, 58, 52)
        .stroke(
          'near',
          5,
          [
            [0, 20],
            [6, 84],
            [-10, 134],
          ],
          true,
        )
        .stroke(
          'near',
          4,
          [
            [6, 84],
            [44, 116],
          ],
          true,
        );
    },
  },
  sprout: {
    asked: /seed|sprout|seedling|plant|sow|nursery|saat|semence|semilla|grow|graine/i,
    settings: ['bed', 'table'],
    group: 'nature',
    draw: (p) =>
      void p
        .stroke(
          'near',
          10,
          [
            [0, 0],
            [-4, 90],
            [0, 180],
          ],
          true,
        )
        .leaf('near', 0, 170, 110, 38)
        .leaf('mid', 0, 150, 112, 146)
        .leaf('near', -2, 86, 70, 20)
        .leaf('mid', -2, 70, 64, 164),
  },
  sunflower: {
    asked: /sunflower|bloom|meadow|wildflower|tournesol|girasol|sonnenblum/i,
    settings: ['garden', 'field'],
    group: 'nature',
    draw: (p) => {
      p.stroke(
        'near',
        12,
        [
          [0, 0],
          [-8, 110],
          [0, 220],
        ],
        true,
      )
        .leaf('near', -4, 70, 104, 150)
        .leaf('near', -4, 100, 96, 30);
      tick(14, (k) => p.leaf('sun', 0, 236, 94, k * (360 / 14), 0.24));
      p.oval('warm', 0, 236, 44).oval('deep', 0, 236, 26);
    },
  },
  tree: {
    asked: /tree|arborist|forest|wood(?:land|s)\b|hedge|baum|arbre|árbol|wald/i,
    settings: ['hill', 'field'],
    group: 'nature',
    large: true,
    draw: (p) =>
      void p
        .poly('warm', [-20, 0], [22, 0], [14, 130], [-10, 130])
        .stroke('warm', 12, [
          [0, 100],
          [54, 170],
        ])
        .blob('mid', [-130, 150], [-140, 220], [-70, 300], [10, 318], [90, 290], [138, 220], [120, 150], [0, 120])
        .blob('near', [-96, 140], [-90, 210], [-10, 240], [80, 214], [116, 160], [0, 120]),
  },
  spade: {
    asked: /spade|dig|garden|landscap|jardin|jardín|garten|bêch|soil|lawn/i,
    settings: ['bed', 'wall'],
    group: 'tools',
    draw: (p) =>
      void p
        .box('warm', -11, 110, 22, 176, 8)
        .box('warm', -50, 272, 100, 24, 12)
        .blob('mid', [-58, 132], [58, 132], [56, 40], [0, 0], [-56, 40])
        .stroke('far', 6, [
          [0, 118],
          [0, 46],
        ]),
  },
  can: {
    asked: /watering|can\b|irrig|arros|regader|gieß|greenhouse/i,
    settings: ['garden', 'bed'],
    group: 'tools',
    draw: (p) =>
      void p
        .stroke(
          'near',
          16,
          [
            [-60, 160],
            [-20, 246],
            [80, 220],
            [96, 60],
          ],
          true,
        )
        .poly('near', [-80, 40], [-80, 92], [-166, 194], [-184, 178])
        .poly('near', [-192, 168], [-156, 208], [-176, 220], [-206, 186])
        .box('near', -86, 0, 172, 160, 12)
        .box('glow', -86, 96, 172, 22),
  },
  barrow: {
    asked: /barrow|compost|haul|earth|schubkarre|brouette|carretilla|clear/i,
    settings: ['garden', 'yard'],
    group: 'tools',
    draw: (p) =>
      void p
        .blob('near', [-90, 148], [-60, 214], [20, 230], [100, 190], [122, 148])
        .poly('glow', [-120, 148], [136, 148], [94, 62], [-66, 62])
        .stroke('warm', 14, [
          [-180, 118],
          [-60, 66],
          [104, 50],
        ])
        .stroke('warm', 12, [
          [-70, 66],
          [-84, 0],
        ])
        .oval('deep', 112, 40, 40)
        .oval('pale', 112, 40, 22),
  },
  flowerpot: {
    asked: /herb|pot plant|container|balcony|kräuter|plante|maceta|geranium/i,
    settings: ['window', 'shelf'],
    group: 'nature',
    draw: (p) => {
      [60, 90, 120, 36, 144].forEach((a, k) => p.leaf(k % 2 ? 'near' : 'mid', 0, 110, 130 - (k > 2 ? 24 : 0), a, 0.22));
      p.poly('warm', [-54, 0], [54, 0], [76, 104], [-76, 104]).box('glow', -86, 98, 172, 26, 4);
    },
  },
  bee: {
    asked: /bee|hive|honey|apiar|miel|abeille|imker|abeja/i,
    settings: ['garden', 'field'],
    group: 'nature',
    draw: (p) => {
      tick(4, (k) => p.box(k % 2 ? 'glow' : 'sun', -86 + k * 7, 30 + k * 54, 172 - k * 14, 54, 26));
      p.box('deep', -22, 40, 44, 18, 9)
        .box('warm', -104, 12, 208, 20, 4)
        .box('warm', -84, 0, 18, 14)
        .box('warm', 66, 0, 18, 14);
    },
  },
  bicycle: {
    asked: /bicycle|bike|cycl|vélo|bici|fahrrad|rad\b/i,
    settings: ['quay', 'street'],
    group: 'goods',
    large: true,
    draw: (p) => {
      [-108, 108].forEach((x) => {
        p.ring('deep', x, 74, 70, 10);
        tick(8, (k) =>
          p.stroke('mid', 2, [
            [x, 74],
            [x + Math.cos((k * Math.PI) / 4) * 66, 74 + Math.sin((k * Math.PI) / 4) * 66],
          ]),
        );
        p.oval('deep', x, 74, 8);
      });
      p.stroke('glow', 11, [
        [-108, 74],
        [-46, 176],
        [70, 176],
        [-10, 74],
        [-108, 74],
      ])
        .stroke('glow', 11, [
          [-46, 176],
          [-10, 74],
        ])
        .stroke('glow', 11, [
          [108, 74],
          [66, 196],
        ]);
      p.stroke(
        'deep',
        9,
        [
          [66, 196],
          [60, 222],
          [96, 232],
        ],
        true,
      )
        .box('deep', -84, 186, 66, 16, 8)
        .stroke('deep', 8, [
          [-50, 186],
          [-46, 170],
        ])
        .oval('warm', -10, 74, 18);
    },
  },
  wheel: {
    asked: /spoke|puncture|tyre|tire|rim|rueda|roue|reifen/i,
    settings: ['wall', 'plain'],
    group: 'work',
    draw: (p) => {
      p.ring('deep', 0, 156, 138, 18).ring('glow', 0, 156, 118, 8);
      tick(16, (k) =>
        p.stroke('mid', 3, [
          [0, 156],
          [Math.cos((k * Math.PI) / 8) * 114, 156 + Math.sin((k * Math.PI) / 8) * 114],
        ]),
      );
      p.oval('warm', 0, 156, 20);
    },
  },
  book: {
    asked: /book|bind|read|livre|libro|buch|stationer|library|print/i,
    settings: ['table', 'shelf'],
    group: 'goods',
    draw: (p) =>
      void p
        .box('near', -140, 0, 280, 44, 4)
        .box('pale', -126, 8, 262, 28)
        .box('glow', -120, 44, 240, 40, 4)
        .box('pale', -108, 51, 224, 26)
        .poly('warm', [-130, 96], [0, 84], [0, 172], [-130, 190])
        .poly('warm', [130, 96], [0, 84], [0, 172], [130, 190])
        .poly('pale', [-122, 104], [-4, 92], [-4, 176], [-122, 196])
        .poly('pale', [122, 104], [4, 92], [4, 176], [122, 196])
        .stroke('far', 4, [
          [-104, 160],
          [-24, 150],
        ])
        .stroke('far', 4, [
          [-104, 138],
          [-24, 128],
        ])
        .stroke('far', 4, [
          [104, 160],
          [24, 150],
        ])
        .stroke('far', 4, [
          [104, 138],
          [24, 128],
        ]),
  },
  press: {
    asked: /press|letterpress|poster|sign|engrav|imprim|druck|rótulo|schild/i,
    settings: ['shed', 'bench'],
    group: 'work',
    draw: (p) =>
      void p
        .box('deep', -130, 0, 260, 40, 6)
        .box('near', -118, 40, 34, 220)
        .box('near', 84, 40, 34, 220)
        .box('deep', -136, 248, 272, 44, 8)
        .box('mid', -12, 150, 24, 110)
        .box('warm', -80, 126, 160, 30, 4)
        .box('pale', -84, 66, 168, 26)
        .stroke('deep', 14, [
          [-90, 300],
          [90, 326],
        ])
        .oval('sun', 92, 326, 14),
  },
  shoe: {
    asked: /shoe|boot|cobbl|leather|schuh|chauss|zapat|leder|cuir|saddle/i,
    settings: ['bench', 'shelf'],
    group: 'goods',
    draw: (p) =>
      void p
        .blob('warm', [-120, 20], [-112, 190], [-50, 200], [-34, 110], [40, 84], [132, 56], [140, 20])
        .box('deep', -126, 0, 272, 24, 8)
        .box('deep', -126, -14, 78, 24, 4)
        .stroke('pale', 5, [
          [-40, 130],
          [-6, 112],
        ])
        .stroke('pale', 5, [
          [-26, 152],
          [-44, 160],
        ])
        .stroke('pale', 5, [
          [-30, 108],
          [14, 96],
        ]),
  },
  spool: {
    asked: /thread|sew|tailor|alter|stitch|embroid|näh|schneider|cout|costur|haberdash/i,
    settings: ['table', 'shelf'],
    group: 'materials',
    draw: (p) => {
      p.box('warm', -74, 0, 148, 24, 8).box('glow', -56, 24, 112, 130, 14).box('warm', -74, 152, 148, 24, 8);
      tick(6, (k) =>
        p.stroke('sun', 4, [
          [-54, 40 + k * 19],
          [54, 48 + k * 19],
        ]),
      );
      p.stroke(
        'sun',
        5,
        [
          [54, 60],
          [110, 30],
          [120, 90],
          [160, 20],
        ],
        true,
      ).stroke('deep', 6, [
        [150, 6],
        [196, 160],
      ]);
    },
  },
  cloth: {
    asked: /cloth|fabric|linen|curtain|textile|wool|knit|weav|stoff|tissu|tela|laundr|quilt/i,
    settings: ['shelf', 'table'],
    group: 'materials',
    draw: (p) =>
      tick(5, (k) =>
        p.box((['near', 'pale', 'glow', 'mid', 'sun'] as const)[k]!, -130 + (k % 2) * 8, k * 44, 256, 44, 20).stroke(
          'deep',
          2,
          [
            [-112 + (k % 2) * 8, k * 44 + 22],
            [104, k * 44 + 24],
          ],
          true,
        ),
      ),
  },
  scissors: {
    asked: /scissor|hair|cut\b|trim|coiff|peluquer|frisör|schere|barber/i,
    settings: ['wall', 'plain'],
    group: 'tools',
    draw: (p) =>
      void p
        .poly('mid', [-12, 120], [12, 132], [86, 316], [60, 300])
        .poly('mid', [12, 120], [-12, 132], [-86, 316], [-60, 300])
        .ring('warm', -62, 56, 44, 20)
        .ring('warm', 62, 56, 44, 20)
        .stroke('warm', 20, [
          [-34, 88],
          [4, 128],
        ])
        .stroke('warm', 20, [
          [34, 88],
          [-4, 128],
        ])
        .oval('deep', 0, 136, 9),
  },
  anvil: {
    asked: /anvil|forge|smith|iron|weld|metal|schmied|forg|herrer|steel/i,
    settings: ['shed'],
    group: 'work',
    draw: (p) =>
      void p
        .box('warm', -70, 0, 140, 84, 6)
        .poly('deep', [-60, 84], [60, 84], [34, 128], [-34, 128])
        .blob('deep', [-90, 128], [-96, 186], [120, 186], [116, 150], [60, 128])
        .poly('deep', [-90, 184], [-188, 176], [-90, 138])
        .stroke('sun', 6, [
          [40, 206],
          [62, 250],
        ])
        .stroke('sun', 6, [
          [10, 208],
          [10, 262],
        ])
        .stroke('sun', 6, [
          [70, 204],
          [110, 232],
        ]),
  },
  key: {
    asked: /key|lock|secur|clé|llave|schlüssel|schloss|hire|rent/i,
    settings: ['wall', 'plain'],
    group: 'goods',
    draw: (p) =>
      void p
        .ring('glow', 0, 240, 56, 26)
        .box('glow', -13, 10, 26, 176, 6)
        .box('glow', 10, 22, 56, 22, 4)
        .box('glow', 10, 64, 40, 22, 4),
  },
  paint: {
    asked: /paint|decor|colour|plaster|peint|pint(?:ura|or)|maler|anstrich|varnish/i,
    settings: ['wall', 'room'],
    group: 'work',
    draw: (p) =>
      void p
        .stroke(
          'deep',
          5,
          [
            [-84, 150],
            [-60, 226],
            [60, 226],
            [84, 150],
          ],
          true,
        )
        .box('mid', -84, 0, 168, 154, 6)
        .box('pale', -84, 40, 168, 60)
        .oval('sun', 0, 154, 84, 18)
        .blob('sun', [40, 160], [62, 96], [54, 70], [44, 96], [28, 150])
        .stroke('warm', 20, [
          [-20, 166],
          [-96, 300],
        ])
        .box('near', -36, 150, 44, 40, 4),
  },
  ladder: {
    asked: /ladder|clean|gutter|roof|échelle|escalera|leiter|thatch|scaffold/i,
    settings: ['wall', 'street'],
    group: 'tools',
    large: true,
    draw: (p) => {
      p.stroke('warm', 14, [
        [-70, 0],
        [-36, 320],
      ]).stroke('warm', 14, [
        [70, 0],
        [36, 320],
      ]);
      tick(7, (k) =>
        p.stroke('glow', 11, [
          [-64 + k * 4.6, 34 + k * 42],
          [64 - k * 4.6, 34 + k * 42],
        ]),
      );
    },
  },
  violin: {
    asked: /violin|fiddle|luthier|guitar|music|cello|geige|violon|violín|instrument/i,
    settings: ['wall', 'room'],
    group: 'goods',
    draw: (p) =>
      void p
        .box('deep', -11, 150, 22, 150, 4)
        .blob(
          'warm',
          [0, 0],
          [-70, 14],
          [-78, 78],
          [-44, 104],
          [-60, 152],
          [0, 180],
          [60, 152],
          [44, 104],
          [78, 78],
          [70, 14],
        )
        .stroke(
          'deep',
          6,
          [
            [-30, 66],
            [-24, 104],
          ],
          true,
        )
        .stroke(
          'deep',
          6,
          [
            [30, 66],
            [24, 104],
          ],
          true,
        )
        .box('deep', -22, 56, 44, 9)
        .oval('glow', 0, 308, 20),
  },
  piano: {
    asked: /piano|upright|organ\b|keys? and pedals|klavier|flügel|tun(?:ing|er)\b/i,
    settings: ['room'],
    group: 'goods',
    large: true,
    draw: (p) => {
      p.box('near', -140, 0, 280, 236, 6).box('deep', -150, 230, 300, 16, 4).box('mid', -120, 142, 240, 76, 3);
      p.box('deep', -150, 92, 300, 34, 4).box('pale', -140, 112, 280, 16);
      for (let k = 0; k < 14; k++) p.box('deep', -128 + k * 19, 119, 9, 10);
      p.box('near', -146, 0, 18, 96)
        .box('near', 128, 0, 18, 96)
        .box('pale', -44, 168, 40, 52)
        .box('pale', 2, 168, 40, 52);
    },
  },
  barrel: {
    asked: /barrel|cask|cooper|tun\b|fass\b|küfer|tonneau|barril|butt/i,
    settings: ['shed', 'yard'],
    group: 'goods',
    draw: (p) => {
      p.turned('warm', 0, [88, 0], [118, 70], [124, 120], [118, 170], [88, 240]);
      for (const x of [-62, -22, 22, 62])
        p.stroke(
          'deep',
          3,
          [
            [x * 0.8, 4],
            [x * 1.12, 120],
            [x * 0.8, 236],
          ],
          true,
        );
      p.stroke(
        'mid',
        14,
        [
          [-104, 40],
          [0, 34],
          [104, 40],
        ],
        true,
      )
        .stroke(
          'mid',
          14,
          [
            [-104, 200],
            [0, 206],
            [104, 200],
          ],
          true,
        )
        .oval('glow', 0, 240, 88, 15);
    },
  },
  candle: {
    asked: /candle|soap|wax|bougie|vela\b|kerze|savon|jabón|seife/i,
    settings: ['table', 'window'],
    group: 'goods',
    draw: (p) =>
      void p
        .oval('sun', 0, 240, 70, 90)
        .box('pale', -38, 20, 76, 180, 8)
        .turned('mid', 0, [86, 0], [92, 12], [60, 24])
        .stroke('deep', 5, [
          [0, 198],
          [0, 216],
        ])
        .blob('glow', [0, 212], [-18, 236], [0, 276], [18, 236]),
  },
  shell: {
    asked: /shell|beach|shore|strand|plage|playa|sand/i,
    settings: ['bluff', 'plain'],
    group: 'nature',
    draw: (p) => {
      p.blob('glow', [0, 8], [-124, 70], [-136, 150], [-76, 212], [0, 226], [76, 212], [136, 150], [124, 70]);
      [-96, -50, 0, 50, 96].forEach((x) =>
        p.stroke('pale', 7, [
          [0, 22],
          [x * 1.05, 190 - Math.abs(x) * 0.5],
        ]),
      );
    },
  },
  gull: {
    asked: /gull|bird|coast|sea\b|mouette|gaviota|möwe|meer|mer\b/i,
    settings: ['bay', 'bluff'],
    group: 'nature',
    draw: (p) =>
      void p
        .stroke('warm', 7, [
          [-6, 0],
          [-4, 50],
        ])
        .stroke('warm', 7, [
          [22, 0],
          [20, 50],
        ])
        .blob('pale', [-40, 128], [-96, 178], [-60, 196], [20, 140], [104, 96], [150, 70], [60, 46], [-20, 56])
        .blob('mid', [-4, 122], [80, 108], [152, 72], [70, 66], [10, 82])
        .oval('pale', -72, 180, 32)
        .poly('sun', [-100, 184], [-138, 168], [-98, 168])
        .oval('deep', -82, 188, 5),
  },
  cottagebed: {
    asked: /border|path|terrace|patio|paving|weg\b|allée|sendero/i,
    settings: ['garden'],
    group: 'places',
    large: true,
    draw: (p) => {
      p.poly('pale', [-50, 0], [50, 0], [18, 150], [-14, 150]);
      tick(6, (k) => {
        const side = k % 2 ? 1 : -1;
        const y = Math.floor(k / 2) * 46;
        const x = side * (110 - y * 0.4);
        p.oval('near', x, y + 34, 52, 40)
          .oval(k % 3 ? 'sun' : 'glow', x - 16, y + 52, 13)
          .oval(k % 3 ? 'glow' : 'sun', x + 18, y + 44, 11);
      });
    },
  },
  hands: {
    asked: /hand\b|craft|help|artisan|hilfe|aide|ayuda|support|volunteer/i,
    settings: ['plain', 'bench'],
    group: 'hands',
    draw: (p) => {
      const hand = () =>
        p
          .blob('warm', [-44, 0], [-56, 70], [-46, 120], [44, 120], [56, 70], [44, 0])
          .box('warm', -46, 104, 24, 92, 12)
          .box('warm', -20, 108, 24, 106, 12)
          .box('warm', 6, 106, 24, 98, 12)
          .box('warm', 30, 98, 20, 76, 10)
          .blob('warm', [-50, 40], [-104, 88], [-96, 116], [-72, 110], [-40, 84]);
      p.at(-74, 0, 1, hand, 8)
        .at(74, 0, 1, hand, -8, true)
        .blob('glow', [-46, 206], [0, 250], [46, 206], [0, 180])
        .leaf('near', 0, 236, 60, 60)
        .leaf('near', 0, 236, 60, 120);
    },
  },
  van: {
    asked: /van\b|transport|remov|move|deliver|lieferwagen|camion|furgon|taxi|mobile|call.?out/i,
    settings: ['street', 'hill'],
    group: 'work',
    large: true,
    draw: (p) =>
      void p
        .box('glow', -160, 36, 210, 150, 12)
        .blob('glow', [46, 36], [46, 160], [96, 156], [140, 100], [156, 84], [156, 36])
        .poly('far', [64, 100], [64, 146], [96, 144], [124, 100])
        .box('pale', -130, 90, 130, 56, 4)
        .oval('deep', -98, 34, 34)
        .oval('pale', -98, 34, 16)
        .oval('deep', 92, 34, 34)
        .oval('pale', 92, 34, 16),
  },
  scales: {
    asked: /scale|weigh|market|shop|store|sell|deli|grocer|laden|épicer|tienda|law|account/i,
    settings: ['shop', 'table'],
    group: 'goods',
    draw: (p) =>
      void p
        .turned('near', 0, [80, 0], [74, 18], [16, 30], [12, 220])
        .stroke(
          'near',
          12,
          [
            [-130, 210],
            [0, 236],
            [130, 210],
          ],
          true,
        )
        .stroke('deep', 3, [
          [-130, 210],
          [-172, 120],
        ])
        .stroke('deep', 3, [
          [-130, 210],
          [-88, 120],
        ])
        .stroke('deep', 3, [
          [130, 210],
          [172, 120],
        ])
        .stroke('deep', 3, [
          [130, 210],
          [88, 120],
        ])
        .turned('glow', -130, [26, 96], [46, 120])
        .turned('glow', 130, [26, 96], [46, 120])
        .oval('sun', -142, 130, 16)
        .oval('warm', -116, 132, 14)
        .oval('sun', 0, 240, 16),
  },
  frame: {
    asked: /frame|picture|art\b|gallery|paint(?:er|ing)s?|rahmen|cadre|marco|mirror/i,
    settings: ['room', 'wall'],
    group: 'goods',
    draw: (p) =>
      void p
        .box('warm', -140, 20, 280, 240, 2)
        .box('pale', -118, 42, 236, 196)
        .box('far', -92, 66, 184, 148)
        .blob('near', [-92, 66], [-92, 110], [-30, 140], [30, 104], [92, 128], [92, 66])
        .oval('sun', 40, 172, 22),
  },
  pen: {
    asked: /pen\b|write|letter|design|draw|survey|plan|archit|schreib|écri|escrib|calligraph|advice/i,
    settings: ['table', 'plain'],
    group: 'tools',
    draw: (p) =>
      void p
        .box('pale', -140, 0, 220, 14, 2)
        .poly('pale', [-150, 14], [96, 14], [120, 190], [-120, 190])
        .stroke('mid', 5, [
          [-96, 156],
          [60, 156],
        ])
        .stroke('mid', 5, [
          [-104, 124],
          [80, 124],
        ])
        .stroke('mid', 5, [
          [-112, 92],
          [20, 92],
        ])
        .stroke('warm', 20, [
          [50, 60],
          [150, 262],
        ])
        .poly('deep', [34, 28], [60, 56], [42, 66]),
  },
  cloud: {
    asked: /cloud|weather|sky\b|forecast|nuage|wolk|nube/i,
    settings: ['bay', 'hill', 'field'],
    group: 'weather',
    large: true,
    draw: (p) =>
      void p
        .blob('far', [-40, 178], [-30, 250], [40, 286], [110, 250], [170, 236], [186, 180], [120, 160])
        .blob(
          'pale',
          [-186, 120],
          [-176, 176],
          [-116, 190],
          [-84, 246],
          [-10, 250],
          [30, 206],
          [96, 200],
          [126, 146],
          [90, 112],
          [-90, 108],
        ),
  },
  wave: {
    asked: /wave|surf|swim|tide|vague|welle|\bola/i,
    settings: ['bay'],
    group: 'weather',
    large: true,
    draw: (p) => {
      const crest = (x: number, y: number, s: number) =>
        p
          .blob(
            'near',
            [x - 150 * s, y - 30],
            [x - 90 * s, y + 10 * s],
            [x - 20 * s, y + 104 * s],
            [x + 62 * s, y + 96 * s],
            [x + 82 * s, y + 54 * s],
            [x + 40 * s, y + 60 * s],
            [x + 34 * s, y + 14 * s],
            [x + 130 * s, y - 30],
          )
          .stroke(
            'pale',
            9 * s,
            [
              [x - 60 * s, y + 44 * s],
              [x - 14 * s, y + 98 * s],
              [x + 56 * s, y + 92 * s],
              [x + 78 * s, y + 58 * s],
            ],
            true,
          );
      crest(-96, 60, 0.8);
      crest(110, 66, 0.72);
      crest(10, 10, 1.12);
    },
  },
  umbrella: {
    asked: /umbrella|rain|shelter|parapluie|schirm|paraguas/i,
    settings: ['street', 'quay'],
    group: 'weather',
    draw: (p) =>
      void p
        .stroke('deep', 9, [
          [0, 210],
          [0, 26],
        ])
        .stroke(
          'deep',
          9,
          [
            [0, 30],
            [6, 6],
            [28, 2],
            [40, 22],
          ],
          true,
        )
        .poly(
          'glow',
          [-160, 176],
          [-142, 236],
          [-92, 286],
          [-30, 308],
          [0, 310],
          [30, 308],
          [92, 286],
          [142, 236],
          [160, 176],
          [106, 200],
          [54, 178],
          [0, 202],
          [-54, 178],
          [-106, 200],
        )
        .poly('warm', [-54, 178], [-34, 260], [0, 310], [34, 260], [54, 178], [0, 202])
        .stroke('deep', 8, [
          [0, 308],
          [0, 324],
        ]),
  },
  vane: {
    asked: /vane|wind\b|girouette|wetterfahne|veleta/i,
    settings: ['hill', 'bluff'],
    group: 'weather',
    draw: (p) =>
      void p
        .box('deep', -5, 0, 10, 300)
        .poly(
          'deep',
          [-120, 214],
          [-86, 238],
          [-86, 222],
          [70, 222],
          [104, 250],
          [104, 186],
          [70, 214],
          [-86, 214],
          [-86, 198],
        )
        .poly('glow', [-4, 320], [-66, 250], [-4, 250])
        .poly('pale', [6, 306], [54, 250], [6, 250])
        .stroke('deep', 6, [
          [-60, 120],
          [60, 120],
        ])
        .poly('near', [-96, 0], [0, 74], [96, 0]),
  },
  strata: {
    asked: /abstract|strata|layers/i,
    settings: ['plain'],
    group: 'abstract',
    draw: () => undefined,
    whole: (p, w, h) => {
      p.oval('sun', w * p.between(0.2, 0.8), h * p.between(0.7, 0.84), Math.min(w, h) * 0.13);
      (['pale', 'far', 'glow', 'mid', 'near', 'warm', 'deep'] as const).forEach((ink, k) => {
        const y = h * (0.72 - k * 0.11);
        const phase = p.between(0, 6);
        const points = [0, 1, 2, 3, 4, 5, 6].map((i): [number, number] => [
          (i / 6) * w * 1.1 - w * 0.05,
          y + Math.sin(phase + i * 1.3) * h * 0.05,
        ]);
        p.blob(ink, [-w * 0.1, -h * 0.1], [-w * 0.1, y], ...points, [w * 1.1, y], [w * 1.1, -h * 0.1]);
      });
    },
  },
  arcs: {
    asked: /arcs|rainbow|concentric/i,
    settings: ['plain'],
    group: 'abstract',
    draw: () => undefined,
    whole: (p, w, h) => {
      const x = w * p.between(0.3, 0.7);
      (['far', 'glow', 'near', 'pale', 'warm', 'mid', 'deep'] as const).forEach((ink, k) =>
        p.oval(ink, x, 0, Math.max(w, h) * (0.72 - k * 0.1)),
      );
    },
  },
  blocks: {
    asked: /blocks|mosaic|geometric|grid/i,
    settings: ['plain'],
    group: 'abstract',
    draw: () => undefined,
    whole: (p, w, h) => {
      const inks = ['glow', 'near', 'pale', 'warm', 'far', 'deep', 'mid', 'sun'] as const;
      const size = w / 6;
      for (let x = 0; x < 6; x++)
        for (let y = 0; y * size < h; y++) {
          const [ground, shape] = [p.random.next(), p.random.next()];
          const one = Math.floor(ground * 8);
          p.box(inks[one]!, x * size, y * size, size + 1, size + 1);
          const ink = inks[(one + 3 + Math.floor(shape * 3)) % 8]!;
          const [l, b] = [x * size, y * size];
          if (shape < 0.3) p.poly(ink, [l, b], [l + size, b], [l, b + size]);
          else if (shape < 0.55) p.oval(ink, l + size / 2, b + size / 2, size * 0.34);
          else if (shape < 0.75) p.box(ink, l, b, size / 2, size + 1);
          else p.leaf(ink, l + size * 0.08, b + size * 0.08, size * 1.18, 45, 0.5);
        }
    },
  },
  drift: {
    asked: /drift|scatter|confetti|foliage/i,
    settings: ['plain'],
    group: 'abstract',
    draw: () => undefined,
    whole: (p, w, h) => {
      const inks = ['glow', 'near', 'warm', 'mid', 'deep', 'pale'] as const;
      for (let x = 0; x < 9; x++)
        for (let y = 0; y < 7; y++)
          p.leaf(
            inks[Math.floor(p.random.next() * 6)]!,
            ((x + (y % 2) * 0.5) / 8.6) * w + p.between(-16, 16),
            (y / 6.4) * h + p.between(-14, 14) - 20,
            p.between(0.1, 0.17) * h,
            p.between(20, 160),
            0.4,
          );
    },
  },
  pebbles: {
    asked: /pebble|shingle|cairn|balance/i,
    settings: ['plain'],
    group: 'abstract',
    draw: () => undefined,
    whole: (p, w, h) => {
      p.box('far', 0, 0, w, h * 0.16);
      const inks = ['near', 'pale', 'warm', 'mid', 'deep', 'glow'] as const;
      let y = h * 0.06;
      const x = w * p.between(0.4, 0.6);
      inks.forEach((ink, k) => {
        const ry = h * (0.088 - k * 0.007);
        p.oval(ink, x + p.between(-w * 0.025, w * 0.025), y + ry, w * (0.26 - k * 0.03), ry);
        y += ry * 1.9;
      });
    },
  },
  sails: {
    asked: /bunting|triangles|regatta|pennant/i,
    settings: ['plain'],
    group: 'abstract',
    draw: () => undefined,
    whole: (p, w, h) => {
      const inks = ['far', 'glow', 'pale', 'near', 'warm', 'mid'] as const;
      for (let k = 0; k < 9; k++) {
        const x = (k / 8) * w;
        const tall = p.between(0.5, 0.9) * h;
        p.poly(
          inks[k % 6]!,
          [x - w * 0.02, h * 0.12 + tall],
          [x + w * p.between(0.12, 0.2), h * 0.12],
          [x - w * 0.02, h * 0.12],
        );
      }
      p.box('deep', 0, 0, w, h * 0.125);
    },
  },
};
