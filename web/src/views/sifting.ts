export type Order = 'newest' | 'name';

interface Listed {
  name: string;
  updatedAt: string;
  scenes: string[];
}

/** The projects whose names, or whose scenes' names, hold all the words that are sought, in order. */
export function sifted<T extends Listed>(projects: T[], sought: string, order: Order): T[] {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const inOne = ({ name, scenes }: T) => [name, ...scenes].join('\n').toLowerCase();
  return projects
    .filter((project) => words.every((word) => inOne(project).includes(word)))
    .sort((one, other) =>
      order === 'name'
        ? one.name.localeCompare(other.name, 'en', { numeric: true })
        : other.updatedAt.localeCompare(one.updatedAt),
    );
}
