using System.Text.Json;
using FairCompass.Core.Frozen;
using FairCompass.Core.Json;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Format;

/// <summary>Workouts as JSON.</summary>
public static class WorkoutJson
{
    /// <summary>The JSON of a workout. Text to JSON and back gives an equal workout.</summary>
    public static string Write(Workout workout) => JsonSerializer.Serialize(IntoFrozen.Of(workout), FrozenJson.Default.Workout);

    /// <summary>Reads a workout.</summary>
    /// <exception cref="JsonException">Malformed, an unknown or duplicate key, or a value out of range; <see cref="JsonPlace"/> says
    /// where.</exception>
    public static Workout Read(string json) =>
        OutOfFrozen.Of(JsonFaults.Read(json, FrozenJson.Default.Workout) ?? throw new JsonException("A workout is expected."));
}
