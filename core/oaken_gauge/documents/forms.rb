# frozen_string_literal: true

module OakenGauge
  module Documents
    # What a form has to know of the fields of a unit, a tool or a fabric, so that a page can ask for any of
    # them without knowing it.
    module Forms
      class << self
        # @param field [Declared::Field]
        # @return [Hash] its name, words, limits, and what stands where nothing is said
        def field(field)
          { "name" => field.name, "label" => field.label, "meaning" => field.meaning, "required" => field.required,
            "finished" => field.finished, "default" => usual(field), **field.type.form }.compact
        end

        private

        def usual(field)
          field.type.write(field.default, :inch) unless field.required || field.default.nil?
        end
      end
    end
  end
end
