namespace FairCompass.Comparability;

/// <summary>A day of tallies with what the model says of it, fitted once for whoever asks.</summary>
/// <param name="Watched">What was watched.</param>
/// <param name="Model">The model over it.</param>
/// <param name="Spreads">How much athletes, judges, lanes and heats differ.</param>
/// <param name="Effects">Everybody’s effect at these spreads.</param>
public sealed record FittedDay(IReadOnlyList<Watched> Watched, TallyModel Model, Spreads Spreads, TallyEffects Effects)
{
    /// <summary>Fits a day; null where it says nothing of judges: nobody tallied, one judge alone, or no no-rep at all.</summary>
    /// <param name="watched">What was watched, rows without units left out.</param>
    public static FittedDay? Of(IReadOnlyList<Watched> watched)
    {
        if (watched.Select(w => w.Judge).Distinct().Count() < 2 || watched.All(w => w.NoReps == 0))
        {
            return null;
        }

        var model = new TallyModel(watched);
        var spreads = model.Fit();
        return new(watched, model, spreads, model.At(spreads));
    }
}
