using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>
/// What a clause measures on a pose. It decides; the drawing only shows. A margin of zero or more passes; it is in
/// millimetres, or in degrees for angles.
/// </summary>
public abstract record Predicate
{
    private Predicate() { }

    /// <summary>How far inside the limit the scene is; negative when it is outside.</summary>
    public abstract double Margin(Scene scene);

    /// <summary>True when the scene keeps the rule.</summary>
    public bool Holds(Scene scene) => Margin(scene) >= 0;

    /// <summary>True when the margin is in degrees; of several rules at once that of the first.</summary>
    public bool InDegrees => this is Straight or Bent || (this is Both both && both.All[0].InDegrees);

    /// <summary>What is judged on each side with its limits, on which <see cref="Margin"/> is nothing; for the drawing. Empty where the
    /// scene lacks it.</summary>
    public abstract IEnumerable<Mark> Marks(Scene scene);

    /// <summary>Every judged part lies lower than the other by at least some millimetres.</summary>
    public sealed record Lower(Part A, Part B, double By = 0) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => Line(scene, s) - scene.At(A, s).Y);

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, A, B, s => [new Limit.Level(Line(scene, s))]);

        private double Line(Scene scene, Side s) => scene.At(B, s).Y - By;
    }

    /// <summary>Every judged part lies higher than the other by at least some millimetres.</summary>
    public sealed record Higher(Part A, Part B, double By = 0) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => scene.At(A, s).Y - Line(scene, s));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, A, B, s => [new Limit.Level(Line(scene, s))]);

        private double Line(Scene scene, Side s) => scene.At(B, s).Y + By;
    }

    /// <summary>A joint is bent by at most some degrees.</summary>
    public sealed record Straight(Joint Joint, double WithinDegrees) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => WithinDegrees - Math.Abs(scene.Pose.Angle(Joint, s)));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, Hinge.Of(Joint).At, null, s => [Limit(scene, s)]);

        private Limit Limit(Scene scene, Side s)
        {
            var angle = scene.Pose.Angle(Joint, s);
            // The limit on the side to which the joint is bent; one that is straight bends as it is flexed.
            return Hinge.Of(Joint).Turned(scene, s, (angle < 0 ? -WithinDegrees : WithinDegrees) - angle);
        }
    }

    /// <summary>A joint is bent by at least some degrees.</summary>
    public sealed record Bent(Joint Joint, double AtLeastDegrees) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => scene.Pose.Angle(Joint, s) - AtLeastDegrees);

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) =>
            Each(scene, Hinge.Of(Joint).At, null, s => [Hinge.Of(Joint).Turned(scene, s, AtLeastDegrees - scene.Pose.Angle(Joint, s))]);
    }

    /// <summary>
    /// Two parts are at most some millimetres apart in the plane of the side view; against the floor only the height counts.
    /// What lies between a joint and the skin grows with the body, so the distance is that of the usual stature.
    /// </summary>
    public sealed record Touches(Part A, Part B, double WithinMillimetres) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => Contact.Margin(scene, A, B, WithinMillimetres, s));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, A, B, s => [Contact.Limit(scene, B, WithinMillimetres, s)]);
    }

    /// <summary>Every judged part is in front of the other by at least some millimetres.</summary>
    public sealed record Ahead(Part A, Part B, double By = 0) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => scene.At(A, s).X - Line(scene, s));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, A, B, s => [new Limit.Upright(Line(scene, s))]);

        private double Line(Scene scene, Side s) => scene.At(B, s).X + By;
    }

    /// <summary>Every judged part is behind the other by at least some millimetres.</summary>
    public sealed record Behind(Part A, Part B, double By = 0) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => Line(scene, s) - scene.At(A, s).X);

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, A, B, s => [new Limit.Upright(Line(scene, s))]);

        private double Line(Scene scene, Side s) => scene.At(B, s).X - By;
    }

    /// <summary>Every judged part is above or below the other with at most some millimetres between them, forward or back.</summary>
    public sealed record Over(Part A, Part B, double WithinMillimetres) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) =>
            Worst(s => Math.Min(scene.At(A, s).X - Line(scene, s, -1), Line(scene, s, 1) - scene.At(A, s).X));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) =>
            Each(scene, A, B, s => [new Limit.Upright(Line(scene, s, -1)), new Limit.Upright(Line(scene, s, 1))]);

        private double Line(Scene scene, Side s, int way) => scene.At(B, s).X + (way * WithinMillimetres);
    }

    /// <summary>Every judged part lies no further out to the side than the other: seen from the front.</summary>
    public sealed record Within(Part A, Part B) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Worst(s => Line(scene, s) - Math.Abs(scene.At(A, s).Z));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) =>
            Each(scene, A, B, s => [new Limit.Upright(s == Side.Near ? Line(scene, s) : -Line(scene, s))]);

        private double Line(Scene scene, Side s) => Math.Abs(scene.At(B, s).Z);
    }

    /// <summary>Every rule of a list holds; the margin is the smallest.</summary>
    public sealed record Both(Eq<Predicate> All) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => All.Min(p => p.Margin(scene));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => All.SelectMany(p => p.Marks(scene));
    }

    /// <summary>The near or the far side keeps a rule on heights or contact: one knee, one hand.</summary>
    public sealed record Either(Part A, Part B, double WithinMillimetres) : Predicate
    {
        /// <inheritdoc/>
        public override double Margin(Scene scene) => Sides.Max(s => Contact.Margin(scene, A, B, WithinMillimetres, s));

        /// <inheritdoc/>
        public override IEnumerable<Mark> Marks(Scene scene) => Each(scene, A, B, s => [Contact.Limit(scene, B, WithinMillimetres, s)]);
    }

    /// <summary>
    /// The same rule with the limits that a clause states as data: an angle for <see cref="Straight"/> and <see cref="Bent"/>,
    /// a height in millimetres for <see cref="Lower"/> and <see cref="Higher"/>. Of several rules it is the first that the
    /// data speaks of. What the clause does not state stays.
    /// </summary>
    public Predicate With(ClauseParameters? of) =>
        of is null
            ? this
            : this switch
            {
                Straight s when of.AngleDegrees is { } angle => s with { WithinDegrees = (double)angle },
                Bent b when of.AngleDegrees is { } angle => b with { AtLeastDegrees = (double)angle },
                Lower l when of.HeightMillimetres is { } height => l with { By = (double)height },
                Higher h when of.HeightMillimetres is { } height => h with { By = (double)height },
                Both all => all with { All = all.All.Select((p, i) => i == 0 ? p.With(of) : p).ToEq() },
                _ => this,
            };

    private static readonly Side[] Sides = [Side.Near, Side.Far];

    private static IEnumerable<Mark> Each(Scene scene, Part judged, Part? against, Func<Side, Eq<Limit>> limits) =>
        Sides
            .Where(_ => scene.Has(judged))
            .Select(s => new Mark(scene.At(judged, s), against is not { } other || scene.Has(other) ? limits(s) : []));

    private static double Worst(Func<Side, double> margin) => Math.Min(margin(Side.Near), margin(Side.Far));
}
