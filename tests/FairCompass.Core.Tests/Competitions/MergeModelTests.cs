using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Competitions;

/// <summary>Two windows that both changed a competition, against a model of what a person would put together by hand: a table of
/// answers by topic, in which each side has written or crossed out.</summary>
public class MergeModelTests
{
    private static readonly string[] Names = Topics.All.Take(6).Select(t => t.Name).ToArray();

    /// <summary>An answer on each of some topics; null where nobody has said.</summary>
    private static readonly Gen<string?[]> Answers = Pick.Of<string?>(null, "one", "two", "three").Array[Names.Length];

    private static readonly Gen<(string Name, string Place, MassUnit Unit)> Members = Gen.Select(
        Pick.Of("Games", "Open", "Cup"),
        Pick.Of("Hall", "Quay"),
        Pick.Of(MassUnit.Kilogram, MassUnit.Pound)
    );

    private static Competition Of((string Name, string Place, MassUnit Unit) members, string?[] answers) =>
        Demo.Competition with
        {
            Name = members.Name,
            Place = members.Place,
            Unit = members.Unit,
            Policies = Names.Zip(answers).Where(x => x.Second is not null).Select(x => new PolicyChoice(x.First, x.Second!)).ToEq(),
        };

    private static Dictionary<string, string> Table(Competition c) => c.Policies.ToDictionary(p => p.Topic, p => p.Answer);

    [Fact]
    public void What_one_side_changed_is_there_and_what_both_changed_is_ones_own_and_named() =>
        Gen.Select(Members, Members, Members, Answers, Answers, Answers)
            .Sample(
                (m0, m1, m2, a0, a1, a2) =>
                {
                    var (before, mine, theirs) = (Of(m0, a0), Of(m1, a1), Of(m2, a2));
                    var both = CompetitionMerge.Of(before, mine, theirs);
                    var clashes = new List<string>();
                    T Put<T>(T was, T own, T other, string what)
                    {
                        var (changedMine, changedTheirs) = (!Equals(was, own), !Equals(was, other));
                        if (changedMine && changedTheirs && !Equals(own, other))
                        {
                            clashes.Add(what);
                        }

                        return changedMine ? own : other;
                    }

                    Assert.Equal(Put(m0.Name, m1.Name, m2.Name, "the name"), both.Merged.Name);
                    Assert.Equal(Put(m0.Place, m1.Place, m2.Place, "the place"), both.Merged.Place);
                    Assert.Equal(Put(m0.Unit, m1.Unit, m2.Unit, "the unit"), both.Merged.Unit);
                    var table = Names
                        .Select((n, i) => (Topic: n, Answer: Put(a0[i], a1[i], a2[i], $"the answer on “{n}”")))
                        .Where(x => x.Answer is not null)
                        .ToDictionary(x => x.Topic, x => x.Answer!);
                    Assert.Equal(
                        table.Order(Comparer<KeyValuePair<string, string>>.Create((x, y) => string.CompareOrdinal(x.Key, y.Key))),
                        Table(both.Merged).OrderBy(x => x.Key, StringComparer.Ordinal)
                    );
                    Assert.Equal(clashes.Order(StringComparer.Ordinal), both.Clashes.Order(StringComparer.Ordinal));
                }
            );

    [Fact]
    public void Merging_with_what_was_there_before_changes_nothing_and_the_sides_differ_only_in_what_clashes() =>
        Gen.Select(Members, Members, Answers, Answers)
            .Sample(
                (m0, m1, a0, a1) =>
                {
                    var (before, changed) = (Of(m0, a0), Of(m1, a1));
                    Assert.Equal(changed, CompetitionMerge.Of(before, changed, before).Merged);
                    var theirs = CompetitionMerge.Of(before, before, changed).Merged;
                    Assert.Equal(
                        Table(changed).OrderBy(x => x.Key, StringComparer.Ordinal),
                        Table(theirs).OrderBy(x => x.Key, StringComparer.Ordinal)
                    );
                    Assert.Equal(changed with { Policies = [] }, theirs with { Policies = [] });
                    Assert.Empty(CompetitionMerge.Of(before, changed, changed).Clashes);
                }
            );

    /// <summary>What is said of a change names everything that differs: without a sentence there is no difference.</summary>
    [Fact]
    public void Without_a_sentence_nothing_differs() =>
        Gen.Select(Members, Members, Answers, Answers)
            .Sample(
                (m0, m1, a0, a1) =>
                {
                    var (before, now) = (Of(m0, a0), Of(m1, a1));
                    var said = CompetitionChanges.Between(before, now);
                    Assert.Equal(before == now, said.Count == 0);
                    foreach (var i in Enumerable.Range(0, Names.Length).Where(i => a0[i] != a1[i]))
                    {
                        Assert.Contains(said, s => s.Contains(Names[i], StringComparison.OrdinalIgnoreCase));
                    }
                }
            );
}
