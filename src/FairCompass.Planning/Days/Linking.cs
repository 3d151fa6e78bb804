namespace FairCompass.Planning.Days;

/// <summary>How far judges can be compared afterwards.</summary>
/// <param name="Judges">How many judge at all.</param>
/// <param name="Pairs">How many pairs they make.</param>
/// <param name="Linked">How many of the pairs are linked at once: both stood in one heat, or both judged one entry in different
/// workouts.</param>
/// <param name="Apart">How many sets of judges are linked with nobody outside; 1 where all are linked through others, 0 where nobody
/// judges.</param>
public sealed record Linking(int Judges, int Pairs, int Linked, int Apart)
{
    /// <summary>The links of a plan.</summary>
    /// <param name="plan">The plan.</param>
    public static Linking Of(Plan plan)
    {
        var links = new Links();
        foreach (var heat in plan.Heats)
        {
            foreach (var lane in heat.Lanes)
            {
                foreach (var judge in lane.Judges.OfType<Guid>())
                {
                    links.Judged(judge, heat, plan.SessionOf(heat).Workout, lane.Entry);
                }
            }
        }

        return links.Counted();
    }

    /// <summary>The links between judges while they grow.</summary>
    internal sealed class Links
    {
        private readonly Dictionary<Guid, int> numbers = [];
        private readonly HashSet<(int, int)> linked = [];
        private readonly Dictionary<Guid, HashSet<Guid>> inHeat = [];
        private readonly Dictionary<Guid, List<(Guid Workout, Guid Judge)>> ofEntry = [];

        /// <summary>Whom a judge would be linked with by judging an entry.</summary>
        public IEnumerable<Guid> With(Guid judge, Heat heat, Guid workout, Guid entry) =>
            (inHeat.GetValueOrDefault(heat.Id) ?? [])
                .Concat((ofEntry.GetValueOrDefault(entry) ?? []).Where(o => o.Workout != workout).Select(o => o.Judge))
                .Where(o => o != judge)
                .Distinct();

        /// <summary>With how many a judge would be linked anew.</summary>
        public int New(Guid judge, Heat heat, Guid workout, Guid entry) => With(judge, heat, workout, entry).Count(o => !Are(judge, o));

        public void Judged(Guid judge, Heat heat, Guid workout, Guid entry)
        {
            NumberOf(judge);
            foreach (var other in With(judge, heat, workout, entry))
            {
                linked.Add(Pair(judge, other));
            }

            (inHeat.TryGetValue(heat.Id, out var there) ? there : inHeat[heat.Id] = []).Add(judge);
            (ofEntry.TryGetValue(entry, out var had) ? had : ofEntry[entry] = []).Add((workout, judge));
        }

        public Linking Counted()
        {
            var root = Enumerable.Range(0, numbers.Count).ToArray();
            int Root(int i) => root[i] == i ? i : root[i] = Root(root[i]);
            foreach (var (a, b) in linked)
            {
                root[Root(a)] = Root(b);
            }

            var n = numbers.Count;
            return new(n, n * (n - 1) / 2, linked.Count, Enumerable.Range(0, n).Select(Root).Distinct().Count());
        }

        private bool Are(Guid a, Guid b) => linked.Contains(Pair(a, b));

        private (int, int) Pair(Guid a, Guid b)
        {
            var (x, y) = (NumberOf(a), NumberOf(b));
            return x < y ? (x, y) : (y, x);
        }

        private int NumberOf(Guid judge) => numbers.TryGetValue(judge, out var n) ? n : numbers[judge] = numbers.Count;
    }
}
