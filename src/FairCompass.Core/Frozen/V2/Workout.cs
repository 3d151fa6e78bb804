using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// A workout and what stands under its title, as version 2 of the files has them.

internal abstract record Node
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Note { get; init; }
}

internal sealed record Workout(string Title, Eq<Header> Headers, Eq<Stage> Stages, Eq<Score> Scores, Eq<Policy> Policies) : Node
{
    // Version 2 repeats the names after “for” under a key of their own, and whoever reads a file may give it or not.
    public IEnumerable<string> Divisions =>
        Headers.OfType<Header.For>().SelectMany(f => f.Names).Select(n => string.Join(" and ", n.Names));
}

internal enum DutyOrder
{
    ManWoman,
    WomanMan,
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(For), "for")]
[JsonDerivedType(typeof(Order), "order")]
[JsonDerivedType(typeof(Levels), "levels")]
[JsonDerivedType(typeof(Groups), "groups")]
[JsonDerivedType(typeof(Video), "video")]
[JsonDerivedType(typeof(LeadIn), "leadIn")]
[JsonDerivedType(typeof(Seats), "seats")]
[JsonDerivedType(typeof(Entries), "entries")]
[JsonDerivedType(typeof(Judges), "judges")]
internal abstract record Header : Node
{
    internal sealed record For(Eq<Who> Names) : Header;

    internal sealed record Order(DutyOrder Duties) : Header;

    internal sealed record Levels(Eq<Who> Names, bool BoardEach) : Header;

    internal sealed record Groups(Eq<Group> Items) : Header;

    internal sealed record Video(bool NoRep) : Header;

    internal sealed record LeadIn(Duration? Time) : Header;

    internal sealed record Judges(Eq<Watch> Watches) : Header;

    internal sealed record Seats(Eq<string> Duties) : Header;

    internal sealed record Entries(Eq<string> Makes, bool? Apart) : Header;
}

internal sealed record Group(string Name, Eq<int> Seats);

internal enum Watched
{
    Work,
    Hold,
    Station,
}

internal sealed record Watch(Watched Of, string? Station, int Post);

internal sealed record Who(Eq<string> Names);
