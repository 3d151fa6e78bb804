using FairCompass.Core.Format;
using FairCompass.Core.Notation;

namespace FairCompass.Core.Tests.Notation;

public class JsonRoundTripTests
{
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void A_workout_survives_json(string name)
    {
        var workout = Parser.Parse(DraftTexts.Read(name)).Workout;
        var back = WorkoutJson.Read(WorkoutJson.Write(workout));
        Assert.Equal(workout, back);
        Assert.Equal(workout, Parser.Parse(Printer.Print(back)).Workout);
    }
}
