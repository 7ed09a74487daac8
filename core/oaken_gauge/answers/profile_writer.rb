# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes a maker's profile for a person to look through: every value with what it means, its unit, and
    # whether it is assumed or measured; and the ways that are hers to choose.
    class ProfileWriter
      # @param maker [Makers::Maker]
      def initialize(maker)
        @maker = maker
      end

      # @return [Hash]
      def write
        { "says" => Makers::InWords.new(@maker).sentences, "parameters" => Makers::Parameters.all.values.map do |parameter|
          parameter(parameter)
        end,
          "choices" => Makers::Maker::CHOICES.map { |field| choice(field) } }
      end

      private

      def parameter(parameter)
        name = parameter.name
        { "name" => name.to_s, "group" => parameter.group.to_s, "part" => parameter.part, "title" => parameter.title,
          "meaning" => parameter.meaning, "unit" => parameter.unit, "assumed" => parameter.assumed, "most" => parameter.most,
          "value" => @maker.profile[name], "basis" => @maker.profile.basis(name).to_s, "count" => @maker.profile.count(name),
          "give_or_take" => @maker.profile.give_or_take(name)&.round(4) }
      end

      def choice(field)
        { "name" => field.name, "title" => field.label, "meaning" => field.meaning,
          "options" => field.type.form["options"],
          "value" => field.type.write(@maker.public_send(field.as), :inch), "usual" => field.type.write(field.default, :inch) }
      end
    end
  end
end
