using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// What athletes do.

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Task), "task")]
[JsonDerivedType(typeof(Rounds), "rounds")]
[JsonDerivedType(typeof(Scheme), "scheme")]
[JsonDerivedType(typeof(Every), "every")]
[JsonDerivedType(typeof(Complex), "complex")]
[JsonDerivedType(typeof(AnyOrder), "anyOrder")]
[JsonDerivedType(typeof(GroupOf), "group")]
[JsonDerivedType(typeof(OwnRest), "ownRest")]
[JsonDerivedType(typeof(Gate), "gate")]
[JsonDerivedType(typeof(Checkpoint), "checkpoint")]
[JsonDerivedType(typeof(RuleLine), "rule")]
internal abstract record Work : Node
{
    internal sealed record Task(Amount? Amount, string Movement, Eq<Detail> Details, Eq<TaskLine> Lines) : Work { }

    internal sealed record Rounds(int? Times, Eq<Work> Items) : Work
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool Unsaid { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<RoundsFor> Others { get; init; }
    }

    internal sealed record Scheme(Pair Of, Eq<Work> Items) : Work;

    internal sealed record Every(Duration? Each, bool? CarriesOver, Eq<Work> First, Eq<Work> Then) : Work
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool EndsWork { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool? Counts { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<TimeFor> Others { get; init; }
    }

    internal sealed record Complex(Eq<Detail> Details, Eq<Task> Lifts, Eq<TaskLine> Lines = default) : Work;

    internal sealed record AnyOrder(Eq<Work> Items) : Work;

    internal sealed record GroupOf(string Name, Eq<Work> Items) : Work
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<string> Others { get; init; }
    }

    internal sealed record OwnRest(Duration? Time) : Work
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<TimeFor> Others { get; init; }
    }

    internal sealed record Gate(int? OnlyRound, Eq<Duration?> Adds) : Work
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<TimeFor> Others { get; init; }
    }

    internal sealed record Checkpoint(string Name, int? OnlyRound) : Work;

    internal sealed record RuleLine(Rule Rule) : Work;
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Override), "override")]
[JsonDerivedType(typeof(Between), "between")]
[JsonDerivedType(typeof(Attempt), "attempt")]
[JsonDerivedType(typeof(Then), "then")]
[JsonDerivedType(typeof(RuleOf), "rule")]
internal abstract record TaskLine : Node
{
    internal sealed record Override(Eq<Who> For, bool Choose, ChoiceTime? When, Amount? Amount, string? Movement, Eq<Detail> Details)
        : TaskLine { }

    internal sealed record Between(bool AfterLast, Amount Amount, string Movement, Eq<Detail> Details) : TaskLine;

    internal sealed record Attempt(string Movement) : TaskLine;

    internal sealed record Then(int Reps, string Movement) : TaskLine;

    internal sealed record RuleOf(Rule Rule) : TaskLine;
}

internal enum ChoiceTime
{
    Once,
    EachRound,
    RepByRep,
}
